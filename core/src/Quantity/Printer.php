<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** Prints quantities for people, in the units of the job. Nothing computed is ever read back from these texts. */
final readonly class Printer
{
    private const FAR_M = 100.0;

    /** Smaller areas are those of sections. */
    private const SECTION_M2 = 0.01;

    private const SIGNS = ['1/2' => '½', '1/4' => '¼', '3/4' => '¾', '1/8' => '⅛', '3/8' => '⅜', '5/8' => '⅝', '7/8' => '⅞'];

    public function __construct(public UnitSystem $units, private bool $inchesOnly = false)
    {
    }

    public function print(Dimension $dimension, float $value_si): string
    {
        $us = $this->units === UnitSystem::Us;

        return match ($dimension) {
            Dimension::Length => $this->length($value_si),
            Dimension::Area => $this->area($value_si),
            Dimension::SectionModulus => $us ? $this->in($dimension, $value_si, 'in3', 3, 'in³') : $this->in($dimension, $value_si, 'cm3', 2, 'cm³'),
            Dimension::SecondMoment => $us ? $this->in($dimension, $value_si, 'in4', 3, 'in⁴') : $this->in($dimension, $value_si, 'cm4', 2, 'cm⁴'),
            Dimension::Pressure => $this->pressure($value_si),
            Dimension::Force => $us ? $this->in($dimension, $value_si, 'lb', 0, 'lb') : self::number($value_si, 0).' N',
            Dimension::Moment => $us ? $this->moment($value_si) : self::number($value_si, 1).' N·m',
            Dimension::Angle => self::number(rad2deg($value_si), 2).'°',
            Dimension::Speed => $us ? $this->in($dimension, $value_si, 'mph', 0, 'mph') : self::number($value_si, 1).' m/s',
            Dimension::Mass => $us ? $this->in($dimension, $value_si, 'lb', 1, 'lb') : self::number($value_si, 1).' kg',
            Dimension::LineMass => $us ? $this->in($dimension, $value_si, 'lb/ft', 2, 'lb/ft') : self::number($value_si, 2).' kg/m',
            Dimension::Temperature => preg_replace('/\.0\z/', '', self::number($us ? $value_si * 9 / 5 + 32 : $value_si, 1)).($us ? ' °F' : ' °C'),
        };
    }

    /** Of sections, which are far smaller than modules, in the units of these. */
    private function area(float $value_m2): string
    {
        [$us, $isSection] = [$this->units === UnitSystem::Us, $value_m2 > 0.0 && $value_m2 < self::SECTION_M2];

        return match (true) {
            $us => $isSection ? $this->in(Dimension::Area, $value_m2, 'in2', 3, 'in²') : $this->in(Dimension::Area, $value_m2, 'ft2', 1, 'ft²'),
            default => $isSection ? $this->in(Dimension::Area, $value_m2, 'mm2', 0, 'mm²') : self::number($value_m2, 2).' m²',
        };
    }

    /** A length as it is spoken: inches up to six feet, feet and inches beyond; millimetres. */
    public function length(float $value_m): string
    {
        if ($this->units === UnitSystem::Metric) {
            // Heights over the sea and long buildings.
            return abs($value_m) >= self::FAR_M ? rtrim(rtrim(self::number($value_m, 3), '0'), '.').' m'
                : self::number(1000 * $value_m, abs($value_m) < 0.01 ? 1 : 0).' mm';
        }
        $inches = $value_m / 0.0254;
        $sixteenths = round($inches * 16);
        if (abs($inches) < 1 && abs($inches - $sixteenths / 16) > 1e-3) {
            $thirtySeconds = round($inches * 32);

            return (abs($inches - $thirtySeconds / 32) < 1e-3 ? (int) $thirtySeconds.'/32' : self::number($inches, 3)).' in';
        }
        if ($this->inchesOnly || abs($sixteenths) <= 72 * 16) {
            return self::fraction($sixteenths).' in';
        }

        return $this->tape($value_m);
    }

    /** A running dimension as it stands on the tape: 12' 1 3/4", or millimetres. */
    public function tape(float $value_m): string
    {
        if ($this->units === UnitSystem::Metric) {
            return self::number(1000 * $value_m, 0);
        }
        $sixteenths = (int) round($value_m / 0.0254 * 16);
        if ($this->inchesOnly) {
            return self::fraction($sixteenths).'"';
        }
        $sign = $sixteenths < 0 ? '−' : '';
        $sixteenths = abs($sixteenths);

        $inches = $sixteenths % 192;

        return $sign.intdiv($sixteenths, 192)."' ".($inches > 0 && $inches < 16 ? '0 ' : '').self::fraction($inches).'"';
    }

    /** A plain number with a fixed count of decimals and a real minus sign. */
    public static function number(float $value, int $decimals): string
    {
        $text = number_format(abs($value), $decimals, '.', '');

        return ($value < 0 && (float) $text !== 0.0 ? '−' : '').$text;
    }

    private function pressure(float $value_Pa): string
    {
        if (abs($value_Pa) >= 1e6) {
            // Of wood in psi, of steel in ksi.
            return $this->units === UnitSystem::Us
                ? (abs($value_Pa) < 3.5e7 ? $this->in(
                    Dimension::Pressure,
                    $value_Pa,
                    'psi',
                    0,
                    'psi',
                ) : $this->in(Dimension::Pressure, $value_Pa, 'ksi', 1, 'ksi'))
                : $this->in(Dimension::Pressure, $value_Pa, 'MPa', 1, 'MPa');
        }

        return $this->units === UnitSystem::Us
            ? $this->in(Dimension::Pressure, $value_Pa, 'psf', 1, 'psf')
            : self::number($value_Pa, 0).' Pa';
    }

    private function moment(float $value_Nm): string
    {
        return abs($value_Nm) > 0 && abs($value_Nm) < 100
            ? $this->in(Dimension::Moment, $value_Nm, 'lbin', 0, 'lb·in')
            : $this->in(Dimension::Moment, $value_Nm, 'lbft', 1, 'lb·ft');
    }

    private function in(Dimension $dimension, float $value_si, string $unit, int $decimals, string $sign): string
    {
        return self::number($value_si / $dimension->units()[$unit], $decimals).' '.$sign;
    }

    private static function fraction(float|int $sixteenths): string
    {
        $sign = $sixteenths < 0 ? '−' : '';
        $all = (int) abs($sixteenths);
        $whole = intdiv($all, 16);
        $rest = $all % 16;
        if ($rest === 0) {
            return $sign.$whole;
        }
        $below = 16;
        while ($rest % 2 === 0) {
            $rest = intdiv($rest, 2);
            $below = intdiv($below, 2);
        }

        $part = self::SIGNS["$rest/$below"] ?? "$rest/$below";

        return $sign.($whole === 0 ? '' : $whole.' ').$part;
    }
}
