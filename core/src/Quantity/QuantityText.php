<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/**
 * Reads quantities as people type them: 6' 2 1/2, 25 ½ in, 1.89 m, 115 mph, 4 in 12. A unit is never guessed here.
 */
final class QuantityText
{
    private const LONGEST = 60;

    private const FRACTIONS = [
        '½' => '1/2', '¼' => '1/4', '¾' => '3/4', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    /**
     * @return float The value in the SI base unit of the dimension
     *
     * @throws QuantityNotUnderstood if the text is not a number with a unit of the dimension
     */
    public static function read(Dimension $dimension, string $text): float
    {
        if (strlen($text) > self::LONGEST || !mb_check_encoding($text, 'UTF-8')) {
            throw QuantityNotUnderstood::expected(self::hint($dimension), $text);
        }
        $clean = self::normalised($text);
        if (self::number($clean) === 0.0 && $dimension !== Dimension::Temperature) {
            // Nothing is nothing in any unit.
            return 0.0;
        }
        $value = match ($dimension) {
            Dimension::Length => self::feetAndInches($clean) ?? self::withUnit($dimension, $clean),
            Dimension::Angle => self::pitch($clean) ?? self::withUnit($dimension, $clean),
            default => self::withUnit($dimension, $clean),
        };

        return $value ?? throw QuantityNotUnderstood::expected(self::hint($dimension), $text);
    }

    /** The number in a text that names no unit; null when it is not just a number. */
    public static function bare(string $text): ?float
    {
        return strlen($text) > self::LONGEST || !mb_check_encoding($text, 'UTF-8') ? null : self::number(self::normalised($text));
    }

    /** The units that a text is typed in; null where both kinds of people type alike. */
    public static function system(Dimension $dimension, string $text): ?UnitSystem
    {
        return match (true) {
            $dimension === Dimension::Angle => null,
            preg_match('~in|ft|feet|foot|lb|pound|ps[fi]|ksi|mph|["\']|[\d° ]f\z~i', self::normalised($text)) === 1 => UnitSystem::Us,
            default => UnitSystem::Metric,
        };
    }

    private static function normalised(string $text): string
    {
        foreach (self::FRACTIONS as $sign => $plain) {
            $text = str_replace($sign, ' '.$plain, $text);
        }
        $text = strtr($text, [
            '′' => "'", '’' => "'", '″' => '"', '”' => '"', '²' => '2', '³' => '3', '⁴' => '4',
            '·' => '', '^' => '', "''" => '"', '⁄' => '/', '−' => '-', "\u{a0}" => ' ',
        ]);

        return trim((string) preg_replace('/\s+/', ' ', $text));
    }

    /** A plain number, a fraction, or a whole number and a fraction; null when it is none of them. */
    private static function number(string $text): ?float
    {
        if (preg_match('/^-?\d{1,9}(\.\d{1,9})?\z/', $text) === 1 || preg_match('/^-?\.\d{1,9}\z/', $text) === 1) {
            return (float) $text;
        }
        if (preg_match('~^(-?)(?:(\d{1,6})[ -])?(\d{1,4})/(\d{1,4})\z~', $text, $part) === 1 && (int) $part[4] !== 0) {
            return ($part[1] === '-' ? -1 : 1) * ((float) $part[2] + (int) $part[3] / (int) $part[4]);
        }

        return null;
    }

    /** 6' 2 1/2", 6 ft 2 in, 12' 0: feet, then inches whose mark may be left out. */
    private static function feetAndInches(string $text): ?float
    {
        if (preg_match('/^(-?)(\d{1,6}) ?(?:\'|ft|feet|foot) ?-?([\d .\/-]+?) ?(?:"|in|inch|inches)?\z/', $text, $part) !== 1) {
            return null;
        }
        $inches = self::number(trim($part[3]));
        if ($inches === null || $inches < 0 || $inches >= 12) {
            return null;
        }

        return ($part[1] === '-' ? -1 : 1) * (12 * (int) $part[2] + $inches) * Dimension::Length->units()['in'];
    }

    /** "4 in 12", "4:12", "4/12": the rise over a run of twelve; "33 %": the rise over a run of a hundred. */
    private static function pitch(string $text): ?float
    {
        if (preg_match('~^(\d{1,3}(?:\.\d{1,4})?) ?(?:%|per ?cent|pct)\z~', $text, $part) === 1) {
            return atan((float) $part[1] / 100);
        }
        if (preg_match('~^(\d{1,2}(?:\.\d{1,4})?) ?(?:in|:|/|on) ?12\z~', $text, $part) !== 1) {
            return null;
        }

        return atan((float) $part[1] / 12);
    }

    private static function withUnit(Dimension $dimension, string $text): ?float
    {
        if (preg_match('~^(-?[\d.][\d ./-]*?) ?([a-zA-Z°"\'][a-zA-Z0-9/ \-°]*)\z~u', $text, $part) !== 1) {
            return null;
        }
        $number = self::number(trim($part[1]));
        $unit = self::unit($dimension, $part[2]);

        return $number === null || $unit === null ? null : $number * $unit + $dimension->begins($unit);
    }

    private static function unit(Dimension $dimension, string $written): ?float
    {
        $units = $dimension->units();
        $written = str_replace([' ', '-'], '', $written);
        $long = [
            'inch' => 'in', 'inches' => 'in', 'feet' => 'ft', 'foot' => 'ft', 'pounds' => 'lb', 'lbs' => 'lb',
            'degrees' => 'deg', 'degree' => 'deg', 'metres' => 'm', 'meters' => 'm', 'lbfin' => 'lbin', 'lbfft' => 'lbft',
        ];
        $written = $long[$written] ?? $written;
        if (isset($units[$written])) {
            return $units[$written];
        }
        foreach ($units as $name => $size) {
            // Only "PSF" or "Mm" style slips of the shift key; MPa and mPa differ by 10⁹, so those must be exact.
            if ($dimension !== Dimension::Pressure && strcasecmp($name, $written) === 0) {
                return $size;
            }
        }

        return null;
    }

    private static function hint(Dimension $dimension): string
    {
        return match ($dimension) {
            Dimension::Length => 'a length with its unit, such as 6\' 2 1/2", 74.5 in or 1.89 m',
            Dimension::Area => 'an area with its unit, such as 17.5 ft2 or 1.6 m2',
            Dimension::SectionModulus => 'a section modulus with its unit, such as 0.35 in3 or 5.7 cm3',
            Dimension::SecondMoment => 'a second moment of area with its unit, such as 0.42 in4 or 17 cm4',
            Dimension::Pressure => 'a pressure with its unit, such as 30 psf, 1.4 kPa or 19.5 ksi',
            Dimension::Force => 'a force with its unit, such as 450 lb or 2 kN',
            Dimension::Moment => 'a moment with its unit, such as 15 lb ft or 20 Nm',
            Dimension::Angle => 'an angle, such as 4 in 12, 33 % or 18.4 deg',
            Dimension::Speed => 'a speed with its unit, such as 115 mph or 51 m/s',
            Dimension::Mass => 'a mass with its unit, such as 46 lb or 21 kg',
            Dimension::Temperature => 'a temperature with its unit, such as 41 °F or 5 °C',
            Dimension::LineMass => 'a mass per length with its unit, such as 0.6 lb/ft or 0.9 kg/m',
        };
    }
}
