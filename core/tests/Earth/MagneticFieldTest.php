<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Earth;

use Garnetine\Core\Earth\MagneticField;
use Garnetine\Core\Earth\WorldMagneticModel;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;
use PHPUnit\Framework\TestCase;

/** The field of the earth against the values that are published with its model. */
final class MagneticFieldTest extends TestCase
{
    public function test_it_is_as_published_for_a_hundred_places_heights_and_years(): void
    {
        // World Magnetic Model 2025, WMM2025_TEST_VALUES: forces to a thousandth of a nanotesla, declination as printed, to 0.005°.
        $rows = array_slice(file(__DIR__.'/wmm_2025.csv', FILE_IGNORE_NEW_LINES) ?: [], 1);
        self::assertCount(100, $rows);
        foreach ($rows as $row) {
            [$year, $height_km, $latitude, $longitude, $north, $east, $down, $horizontal, $declination] = array_map(floatval(...), explode(',', $row));
            $field = MagneticField::at(Angle::ofDegrees($latitude), Angle::ofDegrees($longitude), Length::ofMetres(1000 * $height_km), $year);
            self::assertEqualsWithDelta([$north, $east, $down, $horizontal], [$field->north_nT, $field->east_nT, $field->down_nT, $field->horizontal_nT()], 1e-3, $row);
            self::assertEqualsWithDelta($declination, $field->declination()->toDegrees(), 0.00501, $row);
        }
    }

    public function test_each_of_its_coefficients_is_there_and_it_ends_with_its_years(): void
    {
        $orders = array_map('count', WorldMagneticModel::COEFFICIENTS);
        self::assertSame(range(2, 13), array_values($orders));
        $at = static fn (float $year): float => MagneticField::at(Angle::ofDegrees(40.0), Angle::ofDegrees(-90.0), Length::ofMetres(0.0), $year)->declination()->toDegrees();
        self::assertGreaterThan(0.0, abs($at(2029.99) - $at(2025.0)));
        foreach ([2024.999, 2030.0] as $year) {
            try {
                $at($year);
                self::fail("$year");
            } catch (\OutOfBoundsException $beyond) {
                self::assertStringContainsString('from 2025 to 2030', $beyond->getMessage());
            }
        }
    }
}
