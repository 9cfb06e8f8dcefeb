<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/**
 * The kinds of quantity, each held in one SI base unit. The case value is the ending of a JSON key ("span_m").
 */
enum Dimension: string
{
    case Length = 'm';
    case Area = 'm2';
    case SectionModulus = 'm3';
    case SecondMoment = 'm4';
    case Pressure = 'Pa';
    case Force = 'N';
    case Moment = 'Nm';
    case Angle = 'rad';
    case Speed = 'm_per_s';
    case Mass = 'kg';
    case LineMass = 'kg_per_m';
    case Temperature = 'celsius';

    /** Its name, as people ask for one. */
    public function named(): string
    {
        return match ($this) {
            self::Length => 'a length', self::Area => 'an area', self::SectionModulus => 'a section modulus',
            self::SecondMoment => 'a second moment of area', self::Pressure => 'a pressure',
            self::Force => 'a force', self::Moment => 'a moment', self::Angle => 'an angle', self::Speed => 'a speed', self::Mass => 'a mass',
            self::LineMass => 'a mass per length', self::Temperature => 'a temperature',
        };
    }

    /** Its SI base unit, as people write it. */
    public function symbol(): string
    {
        return strtr($this->value, ['_per_' => '/', 'm2' => 'm²', 'm3' => 'm³', 'm4' => 'm⁴', 'Nm' => 'N·m', 'celsius' => '°C']);
    }

    /** Decimals that canonical JSON writes: finer than anything a tape, a scale or a gauge can show. */
    public function decimals(): int
    {
        return match ($this) {
            self::Length => 7,
            self::Area => 8,
            self::SectionModulus => 13,
            self::SecondMoment => 16,
            self::Pressure, self::Force => 4,
            self::Moment, self::Speed, self::LineMass, self::Temperature => 6,
            self::Angle => 9,
            self::Mass => 5,
        };
    }

    /** The dimension named by the ending of a JSON key, or null for counts, ratios and texts. */
    public static function ofKey(string $key): ?self
    {
        foreach (['celsius', 'kg_per_m', 'm_per_s', 'm2', 'm3', 'm4', 'Pa', 'Nm', 'rad', 'kg', 'm', 'N'] as $ending) {
            if ($key === $ending || str_ends_with($key, '_'.$ending)) {
                return self::from($ending);
            }
        }

        return null;
    }

    /**
     * Units that text may use, each with its exact size in the SI base unit. Angles have a grammar of their own.
     *
     * Source: international yard and pound agreement of 1959 (0.0254 m, 0.45359237 kg); standard gravity 9.80665 m/s².
     *
     * @return array<string, float>
     */
    public function units(): array
    {
        $in = 0.0254;
        $lbf = 0.45359237 * 9.80665;

        return match ($this) {
            self::Length => ['mm' => 0.001, 'cm' => 0.01, 'm' => 1.0, 'in' => $in, '"' => $in, 'ft' => 12 * $in, "'" => 12 * $in],
            self::Area => ['m2' => 1.0, 'mm2' => 1e-6, 'in2' => $in * $in, 'ft2' => 144 * $in * $in],
            self::SectionModulus => ['mm3' => 1e-9, 'cm3' => 1e-6, 'in3' => $in ** 3],
            self::SecondMoment => ['mm4' => 1e-12, 'cm4' => 1e-8, 'in4' => $in ** 4],
            self::Pressure => [
                'Pa' => 1.0, 'kPa' => 1e3, 'MPa' => 1e6, 'GPa' => 1e9,
                'psf' => $lbf / (144 * $in * $in), 'psi' => $lbf / ($in * $in), 'ksi' => 1000 * $lbf / ($in * $in),
            ],
            self::Force => ['N' => 1.0, 'kN' => 1e3, 'lb' => $lbf, 'lbf' => $lbf],
            self::Moment => ['Nm' => 1.0, 'kNm' => 1e3, 'lbin' => $lbf * $in, 'inlb' => $lbf * $in, 'lbft' => 12 * $lbf * $in, 'ftlb' => 12 * $lbf * $in],
            self::Angle => ['rad' => 1.0, 'deg' => M_PI / 180, '°' => M_PI / 180],
            self::Speed => ['m/s' => 1.0, 'km/h' => 1 / 3.6, 'mph' => 0.44704],
            self::Mass => ['kg' => 1.0, 'g' => 1e-3, 'lb' => 0.45359237],
            self::LineMass => ['kg/m' => 1.0, 'lb/ft' => 0.45359237 / (12 * $in)],
            self::Temperature => ['°C' => 1.0, 'C' => 1.0, '°F' => 5 / 9, 'F' => 5 / 9],
        };
    }

    /** Where the scale of a unit begins, in the base unit: nought but for degrees Fahrenheit. */
    public function begins(float $size): float
    {
        return $this === self::Temperature && $size !== 1.0 ? -32 * $size : 0.0;
    }
}
