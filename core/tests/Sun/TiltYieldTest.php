<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Sun;

use Garnetine\Core\Design\Ground\Sun\Aim;
use Garnetine\Core\Sun\EveryWay;
use Garnetine\Core\Sun\TiltReport;
use Garnetine\Core\Sun\TiltYield;
use PHPUnit\Framework\TestCase;

/** Light on tilted surfaces: a worked year, symmetries, and seasons against every cut. */
final class TiltYieldTest extends TestCase
{
    private static function even(float $latitude_deg = 40.0, float $bearing_deg = 180.0, float $k = 0.5, float $albedo = 0.2): TiltYield
    {
        return new TiltYield($latitude_deg, $bearing_deg, array_fill(0, 12, $k), $albedo, true);
    }

    public function test_a_year_at_40_degrees_north_is_as_worked(): void
    {
        $yield = self::even();
        self::assertSame(33, $yield->best());
        $monthly = array_map(static fn (int $month): int => $yield->best([$month]), range(0, 11));
        self::assertEqualsWithDelta([34.7, 32.0], [array_sum($monthly) / 12, array_sum(array_slice($monthly, 0, 11)) / 11], 0.05);
        self::assertEqualsWithDelta([97.1, 96.4, 88.3], array_map(static fn (int $tilt): float => 100 * $yield->keeps($tilt), [50, 15, 0]), 0.05);
        $two = $yield->seasons(2);
        self::assertSame([['from' => 3, 'tilt_deg' => 15], ['from' => 9, 'tilt_deg' => 54]], $two);
        self::assertEqualsWithDelta([104.3, 104.9], [100 * $yield->keepsBySeasons($two), 100 * $yield->keepsBySeasons($yield->seasons(4))], 0.05);
        // A sky that is brighter round the sun asks for a steeper tilt.
        self::assertSame(38, (new TiltYield(40.0, 180.0, array_fill(0, 12, 0.5)))->best());
    }

    public function test_a_level_surface_has_the_light_that_comes_down_whatever_the_sky_and_wherever_it_faces(): void
    {
        // H0 of 15 April at 43° N is 33.8 MJ/m² (worked example), of 1367 W/m²: 24 · 3600 / π of what stands here.
        $april = self::even(43.0)->month(3, 0) / 30 / 0.5 * 24 * 3600 / M_PI * 1367 / 1e6;
        self::assertEqualsWithDelta(33.8, $april, 0.1);
        foreach ([3, 6, 11] as $month) {
            $plain = self::even()->month($month, 0);
            // But for the very edge of the day, where the sun is taken not to stand lower than about a degree.
            self::assertEqualsWithDelta(1.0, (new TiltYield(40.0, 95.0, array_fill(0, 12, 0.5), 0.7))->month($month, 0) / $plain, 1e-3);
            self::assertEqualsWithDelta(1.2, self::even(k: 0.6)->month($month, 0) / $plain, 1e-3);
        }
    }

    public function test_east_and_west_are_alike_south_is_best_and_the_other_half_of_the_world_is_turned_round(): void
    {
        $year = static fn (float $bearing, int $tilt): float => self::even(40.0, $bearing)->year($tilt);
        self::assertEqualsWithDelta($year(120.0, 35), $year(240.0, 35), 1e-9);
        self::assertGreaterThan($year(150.0, 33), $year(180.0, 33));
        self::assertGreaterThan($year(90.0, 33), $year(150.0, 33));
        self::assertEqualsWithDelta(33, self::even(-40.0, 0.0)->best(), 1);
        self::assertSame(0, self::even(-40.0, 180.0)->best());
        self::assertGreaterThan(self::even(60.0)->keeps(40), self::even(20.0)->keeps(20));
        // Snow on the ground throws light up and asks for a steeper tilt; a night of the pole has no light.
        self::assertGreaterThan(self::even()->best(), self::even(albedo: 0.8)->best());
        self::assertSame(0.0, self::even(80.0)->month(11, 60));
    }

    public function test_every_way_is_what_one_way_at_a_time_gives(): void
    {
        $way = static fn (float $bearing): TiltYield => new TiltYield(41.0, $bearing, array_fill(0, 12, 0.5), 0.2, horizon: null);
        $all = EveryWay::of($way(95.0), true, null, 30.0, 175.0);
        self::assertSame([range(90, 270, 5), range(0, 60)], [array_keys($all->keeps), array_keys($all->keeps[180])]);
        $best = max(array_merge([0.0], ...$all->keeps));
        self::assertSame([1.0, 1.0], [$best, $all->keeps[$all->bestBearing_deg][$all->bestTilt_deg]]);
        self::assertSame([180, $way(180.0)->best()], [$all->bestBearing_deg, $all->bestTilt_deg]);
        foreach ([[90, 60], [135, 12], [230, 41], [175, 30]] as [$bearing, $tilt]) {
            $keeps = $way((float) $bearing)->year($tilt) / $way(180.0)->year($all->bestTilt_deg);
            self::assertEqualsWithDelta($keeps, $all->keeps[$bearing][$tilt], 1e-9);
        }
        self::assertEqualsWithDelta($all->keeps[175][30], $all->here, 1e-12);
        // South of the equator noon is in the north: 90 over 360 to 90 again.
        $south = EveryWay::of(new TiltYield(-41.0, 180.0, array_fill(0, 12, 0.5)), false, null, 30.0, 5.0);
        self::assertSame([0, range(270, 450, 5)], [$south->bestBearing_deg, array_keys($south->keeps)]);
        self::assertEqualsWithDelta($south->keeps[365][30], $south->here, 1e-12);
    }

    public function test_light_that_is_wanted_in_one_half_of_the_year_asks_for_its_own_tilt(): void
    {
        $yield = self::even();
        self::assertSame([[3, 4, 5, 6, 7, 8], [9, 10, 11, 0, 1, 2], null], [Aim::Summer->months(true), Aim::Summer->months(false), Aim::Year->months(true)]);
        [$summer, $winter] = [TiltReport::of($yield, 30.0, 40.0, months: Aim::Summer->months(true)), TiltReport::of($yield, 30.0, 40.0, months: Aim::Winter->months(true))];
        // As the two seasons of a year are tilted, and each is compared within its own months.
        self::assertSame([15, 54], [$summer->best_deg, $winter->best_deg]);
        self::assertEqualsWithDelta($yield->year(30, [9, 10, 11, 0, 1, 2]) / $yield->year(54, [9, 10, 11, 0, 1, 2]), $winter->keeps, 1e-12);
        self::assertNotContains('sun.in_2', array_column($winter->choices, 'what'));
        self::assertSame(54, EveryWay::of($yield, true, Aim::Winter->months(true), 30.0, 180.0)->bestTilt_deg);
    }

    public function test_seasons_are_the_best_of_all_cuts_and_never_less_than_one_tilt(): void
    {
        $yield = new TiltYield(52.0, 170.0, [0.35, 0.4, 0.42, 0.5, 0.55, 0.5, 0.52, 0.5, 0.45, 0.4, 0.35, 0.32]);
        $best = 0.0;
        for ($from = 0; $from < 12; ++$from) {
            for ($to = $from + 1; $to < 12; ++$to) {
                $summer = range($from, $to - 1);
                $winter = array_values(array_diff(range(0, 11), $summer));
                $best = max($best, $yield->year($yield->best($summer), $summer) + $yield->year($yield->best($winter), $winter));
            }
        }
        self::assertEqualsWithDelta($best / $yield->year($yield->best()), $yield->keepsBySeasons($yield->seasons(2)), 1e-12);
        self::assertEqualsWithDelta(1.0, $yield->keepsBySeasons($yield->seasons(1)), 1e-12);
        self::assertGreaterThan($yield->keepsBySeasons($yield->seasons(2)), $yield->keepsBySeasons($yield->seasons(4)));
        $report = TiltReport::of($yield, 29.6, 52.0);
        self::assertSame([30, $yield->best()], [$report->here_deg, $report->best_deg]);
        self::assertSame(['sun.here', 'sun.best', 'sun.latitude', 'sun.mean', 'sun.mean_without', 'sun.flat', 'sun.in_2', 'sun.in_4', 'sun.one_axis', 'sun.two_axes'], array_column($report->choices, 'what'));
        self::assertEqualsWithDelta([$yield->keepsFollowing(false, 60.0), $yield->keepsFollowing(true, 60.0)], [$report->choices[8]['keeps'], $report->choices[9]['keeps']], 1e-12);
        self::assertSame([[45], [45]], array_column(array_slice(TiltReport::of($yield, 29.6, 52.0, steepest_deg: 45.0)->choices, 8), 'tilts_deg'));
        self::assertSame(1.0, $report->choices[1]['keeps']);
        self::assertSame([52], $report->choices[2]['tilts_deg']);
        self::assertSame(1.0, max([0.0, ...$report->months]));
        self::assertLessThan(0.5, $report->months[11]);
    }

    /** Flat where it cannot be tilted; from there on the further the more, on two axes no less than on one, and more than any tilt of each month. */
    public function test_what_follows_the_sun_keeps_more_the_further_it_is_tilted(): void
    {
        foreach ([[40.0, 0.5], [55.0, 0.7], [20.0, 0.6], [0.0, 0.65], [-40.0, 0.5]] as [$latitude_deg, $clear]) {
            $yield = new TiltYield($latitude_deg, $latitude_deg < 0 ? 0.0 : 180.0, array_fill(0, 12, $clear), 0.0, true);
            foreach ([false, true] as $onTwoAxes) {
                self::assertEqualsWithDelta($yield->keeps(0), $yield->keepsFollowing($onTwoAxes, 0.0), 1e-9);
                $keeps = array_map(static fn (float $most_deg): float => $yield->keepsFollowing($onTwoAxes, $most_deg), [0.0, 15.0, 30.0, 45.0]);
                self::assertSame($keeps, array_values(array_unique($keeps)));
                $sorted = $keeps;
                sort($sorted);
                self::assertSame($sorted, $keeps);
            }
            self::assertGreaterThanOrEqual($yield->keepsFollowing(false, 60.0), $yield->keepsFollowing(true, 60.0));
            $monthly = array_sum(array_map(static fn (int $month): float => $yield->month($month, $yield->best([$month])), range(0, 11)));
            self::assertGreaterThan($monthly / $yield->year($yield->best()), $yield->keepsFollowing(true, 90.0));
        }
        // On the equator the axis lies square to the sun's way: a second one brings what the declination takes, 4 % at most of the year.
        $equator = new TiltYield(0.0, 180.0, array_fill(0, 12, 0.65), 0.0, true);
        $second = $equator->keepsFollowing(true, 90.0) / $equator->keepsFollowing(false, 90.0);
        self::assertTrue($second > 1.02 && $second < 1.06);
        // At 40° the axis brings a seventh, two bring over a quarter; north and south are alike.
        $north = new TiltYield(40.0, 180.0, array_fill(0, 12, 0.5), 0.2, true);
        $south = new TiltYield(-40.0, 0.0, array_fill(0, 12, 0.5), 0.2, true);
        foreach ([false, true] as $onTwoAxes) {
            self::assertEqualsWithDelta($north->keepsFollowing($onTwoAxes, 60.0), $south->keepsFollowing($onTwoAxes, 60.0), 0.01);
        }
        self::assertEqualsWithDelta([1.141, 1.281], [$north->keepsFollowing(false, 60.0), $north->keepsFollowing(true, 60.0)], 0.001);
    }
}
