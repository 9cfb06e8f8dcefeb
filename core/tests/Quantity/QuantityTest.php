<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Quantity;

use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Moment;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\Quantity;
use Garnetine\Core\Quantity\QuantityNotFinite;
use Garnetine\Core\Quantity\QuantityNotUnderstood;
use Garnetine\Core\Quantity\QuantityText;
use Garnetine\Core\Quantity\Speed;
use Garnetine\Core\Quantity\Temperature;
use Garnetine\Core\Quantity\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Quantities as typed, as printed and as written. */
final class QuantityTest extends TestCase
{
    /** @return iterable<string, array{class-string<Quantity>, string, float}> Class, text, value in SI */
    public static function texts(): iterable
    {
        yield 'feet, inches and a fraction' => [Length::class, "6' 2 1/2", 1.8923];
        yield 'feet and inches in words' => [Length::class, '6 ft 2 1/2 in', 1.8923];
        yield 'decimal inches' => [Length::class, '74.5in', 1.8923];
        yield 'a fraction sign' => [Length::class, '25 ½ in', 0.6477];
        yield 'a fraction sign without a space' => [Length::class, '25½"', 0.6477];
        yield 'a dash before the fraction' => [Length::class, '25-1/2 in', 0.6477];
        yield 'metres' => [Length::class, '1.89 m', 1.89];
        yield 'millimetres' => [Length::class, '1890mm', 1.89];
        yield 'feet alone' => [Length::class, '30 ft', 9.144];
        yield 'below zero' => [Length::class, '-1 1/2 in', -0.0381];
        yield 'typographic marks' => [Length::class, '6′ 2″', 1.8796];
        yield 'a pitch' => [Angle::class, '4 in 12', 0.321750554];
        yield 'a pitch with a colon' => [Angle::class, '4:12', 0.321750554];
        yield 'degrees' => [Angle::class, '18.4349488°', 0.321750554];
        yield 'miles an hour' => [Speed::class, '115 mph', 51.4096];
        yield 'psf' => [Pressure::class, '30 psf', 1436.4077695];
        yield 'ksi' => [Pressure::class, '19.5 ksi', 134_447_767.2];
        yield 'kilopascals' => [Pressure::class, '1.4 kPa', 1400.0];
        yield 'pounds' => [Force::class, '450 lb', 2001.69968];
        yield 'pound feet' => [Moment::class, '15 lb ft', 20.3372692];
        yield 'pound inches with a dot' => [Moment::class, '5000 lb·in', 564.9241];
    }

    /** @param class-string<Quantity> $class */
    #[DataProvider('texts')]
    public function test_what_people_type_is_understood(string $class, string $text, float $value_si): void
    {
        self::assertTrue(method_exists($class, 'parse'));
        $quantity = $class::parse($text);
        self::assertInstanceOf(Quantity::class, $quantity);
        self::assertEqualsWithDelta($value_si, $quantity->toSi(), 1e-6 * max(1.0, abs($value_si)));
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        foreach (['', ' ', '5', 'five feet', 'NaN m', 'INF m', '1e5 m', '1..2 m', '1/0 in', "6' 13", "5' 12\"", "5' 12", '6 kg', '0x10 m', '1 m; drop', str_repeat('9', 70).' m', "1\0 m", '½', "\xff m", '1,5 m'] as $text) {
            yield '"'.mb_strimwidth(mb_scrub($text), 0, 20).'"' => [$text];
        }
    }

    #[DataProvider('nonsense')]
    public function test_what_is_no_length_is_refused_with_an_example(string $text): void
    {
        $this->expectException(QuantityNotUnderstood::class);
        $this->expectExceptionMessage('a length with its unit');
        Length::parse($text);
    }

    public function test_no_quantity_is_infinite_or_nothing(): void
    {
        $this->expectException(QuantityNotFinite::class);
        Length::ofMetres(NAN);
    }

    public function test_lengths_are_printed_as_they_are_spoken(): void
    {
        $us = new Printer(UnitSystem::Us);
        self::assertSame(['48 in', '25 ½ in', "6' 1 ½\"", '7/32 in', '0.019 in', '−1 ½ in'], array_map($us->length(...), [1.2192, 0.6477, 1.8669, 0.00555625, 0.0004826, -0.0381]));
        self::assertSame(["6' 1 ½\"", "0' 0 ¾\"", "4' 0\""], array_map($us->tape(...), [1.8669, 0.01905, 1.2192]));
        self::assertSame(['73 ½"'], array_map((new Printer(UnitSystem::Us, inchesOnly: true))->tape(...), [1.8669]));
        self::assertSame(['1219 mm', '99999 mm', '100 m', '420.5 m', '1867'], [...array_map((new Printer(UnitSystem::Metric))->length(...), [1.2192, 99.999, 100.0, 420.5]), (new Printer(UnitSystem::Metric))->tape(1.8669)]);
    }

    /** Of every dimension a size that is usual, and what its print may be off by. */
    private const SIZES = ['m' => [2.345, 0.0011], 'm2' => [1.66, 0.005], 'm3' => [2.6219e-6, 1e-8], 'm4' => [7.07e-8, 1e-10], 'Pa' => [1436.4, 2.4], 'N' => [2313.0, 2.3], 'Nm' => [20.3, 0.7], 'rad' => [0.3217, 1e-4], 'm_per_s' => [51.41, 0.23], 'kg' => [19.05, 0.051], 'kg_per_m' => [1.01, 0.008], 'celsius' => [14.23, 0.051]];

    public function test_what_is_printed_is_read_back_in_both_systems_and_so_is_every_unit(): void
    {
        foreach (Dimension::cases() as $dimension) {
            [$size_si, $off_si] = self::SIZES[$dimension->value];
            foreach (UnitSystem::cases() as $system) {
                $printed = (new Printer($system))->print($dimension, $size_si);
                self::assertEqualsWithDelta($size_si, QuantityText::read($dimension, $printed), $off_si, $printed);
                if ($dimension !== Dimension::Angle) {
                    self::assertSame($system, QuantityText::system($dimension, $printed), $printed);
                }
            }
            foreach ($dimension->units() as $unit => $in_si) {
                self::assertEqualsWithDelta(3.5 * $in_si + $dimension->begins($in_si), QuantityText::read($dimension, "3.5 $unit"), 1e-12 * max(1.0, $in_si), $unit);
                self::assertEqualsWithDelta(-0.25 * $in_si + $dimension->begins($in_si), QuantityText::read($dimension, "-1/4$unit"), 1e-12 * max(1.0, $in_si), $unit);
            }
        }
    }

    #[TestWith(['41 °F', 5.0, '41 °F', '5 °C'])]
    #[TestWith(['-4f', -20.0, '−4 °F', '−20 °C'])]
    #[TestWith(['0 °F', -17.777778, '0 °F', '−17.8 °C'])]
    #[TestWith(['0 C', 0.0, '32 °F', '0 °C'])]
    #[TestWith(['23.5 °C', 23.5, '74.3 °F', '23.5 °C'])]
    public function test_nought_of_a_temperature_depends_on_its_scale(string $text, float $celsius, string $us, string $metric): void
    {
        self::assertEqualsWithDelta($celsius, Temperature::parse($text)->toCelsius(), 1e-6);
        self::assertSame([$us, $metric], array_map(static fn (UnitSystem $units): string => (new Printer($units))->print(Dimension::Temperature, $celsius), [UnitSystem::Us, UnitSystem::Metric]));
        $this->expectException(QuantityNotUnderstood::class);
        Temperature::parse('0');
    }

    public function test_canonical_json_has_one_way_to_write_a_value(): void
    {
        $text = CanonicalJson::encode(['b_m' => 1, 'a_Pa' => -0.00001, 'list_m' => [0.1, 1 / 3], 'ratio' => 1e-12, 'text' => 'ä/"', 'none' => null, 'empty' => [], 'map' => new \stdClass()]);
        self::assertSame(<<<'JSON'
            {
             "a_Pa": 0.0000,
             "b_m": 1.0000000,
             "empty": [],
             "list_m": [0.1000000, 0.3333333],
             "map": {},
             "none": null,
             "ratio": 0.000000,
             "text": "ä/\""
            }

            JSON, $text);
        self::assertSame(Dimension::LineMass, Dimension::ofKey('line_mass_kg_per_m'));
        self::assertNull(Dimension::ofKey('alum'));
    }

    public function test_nothing_needs_no_unit_and_all_else_does(): void
    {
        foreach (array_filter(Dimension::cases(), static fn (Dimension $one): bool => $one !== Dimension::Temperature) as $dimension) {
            self::assertSame([0.0, 0.0], [QuantityText::read($dimension, '0'), QuantityText::read($dimension, ' 0.00 ')]);
        }
        foreach (['0.001', '0 x', '1'] as $text) {
            try {
                QuantityText::read(Dimension::Pressure, $text);
                self::fail($text);
            } catch (QuantityNotUnderstood) {
                $this->addToAssertionCount(1);
            }
        }
    }
}
