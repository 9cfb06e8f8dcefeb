<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Sun;

use Garnetine\Core\Sun\RowPitch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rows apart: the printed gaps behind a height of 1 on the shortest day, the worked example, and what may only grow. */
final class RowPitchTest extends TestCase
{
    /** @return array{float|null, float|null} From 9 to 15 h, and from 10 to 14 h */
    private static function pitches(float $latitude_deg, float $faces_deg, float $tilt_deg, float $chord_m, float $falls_deg = 0.0): array
    {
        [$early, $late] = RowPitch::of($latitude_deg, $faces_deg, deg2rad($tilt_deg), $chord_m, deg2rad($falls_deg));
        self::assertSame([9, 15, 10, 14, abs($latitude_deg) <= 48], [$early['from'], $early['to'], $late['from'], $late['to'], $early['is_usual']]);
        self::assertNotSame($early['is_usual'], $late['is_usual']);

        return [$early['pitch_m'], $late['pitch_m']];
    }

    /** @return array<int|string, array{float, float, float}> Latitude, and gap over height for both spans of hours */
    public static function gaps(): array
    {
        return ['20' => [20.0, 1.26, 1.06], '25' => [25.0, 1.51, 1.26], '30' => [30.0, 1.84, 1.52], '35' => [35.0, 2.30, 1.85], '40' => [40.0, 2.99, 2.31], '45' => [45.0, 4.17, 3.01], '50' => [50.0, 6.71, 4.20], '55' => [55.0, 16.48, 6.78]];
    }

    #[DataProvider('gaps')]
    public function test_the_gap_is_the_printed_one_on_both_halves_of_the_earth(float $latitude_deg, float $early, float $late): void
    {
        foreach ([[$latitude_deg, 180.0], [-$latitude_deg, 0.0]] as [$there_deg, $faces_deg]) {
            $pitches = self::pitches($there_deg, $faces_deg, 90.0, 1.0);
            self::assertEqualsWithDelta($early, $pitches[0], $latitude_deg > 50 ? 0.1 : 0.015);
            self::assertEqualsWithDelta($late, $pitches[1], 0.015);
        }
    }

    public function test_falling_ground_brings_rows_together_and_rising_ground_parts_them(): void
    {
        // 2 m up the slope at 30°, 40° N: 4.73 m, on ground that falls 8° to the sun 3.33 m.
        self::assertEqualsWithDelta([4.73, 3.33], [self::pitches(40.0, 180.0, 30.0, 2.0)[0], self::pitches(40.0, 180.0, 30.0, 2.0, 8.0)[0]], 0.01);
        self::assertGreaterThan(4.73, self::pitches(40.0, 180.0, 30.0, 2.0, -4.0)[0] ?? 0.0);
        self::assertSame([null, null], self::pitches(40.0, 180.0, 30.0, 2.0, -28.0), 'the ray runs under the ground');
        self::assertSame([null, null], self::pitches(70.0, 180.0, 30.0, 2.0), 'no sun at noon');
        // Rows that face away from the sun lie in their own shade, not in that of others; flat ones beside each other.
        self::assertEqualsWithDelta(2 * cos(deg2rad(30)), self::pitches(40.0, 0.0, 30.0, 2.0)[0], 1e-9);
        self::assertEqualsWithDelta(2.0, self::pitches(40.0, 180.0, 0.0, 2.0)[0], 1e-9);
        $west = self::pitches(40.0, 240.0, 30.0, 2.0)[0];
        self::assertEqualsWithDelta(self::pitches(40.0, 120.0, 30.0, 2.0)[0] ?? 0.0, $west, 1e-9);
    }
}
