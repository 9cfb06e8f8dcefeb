<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Load;

use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** At each limit that a document prints, and a hair to either side of it, as people enter it. */
final class LimitsTest extends TestCase
{
    /** @return \Closure(Plan): bool */
    private static function finds(string $code): \Closure
    {
        return static fn (Plan $plan): bool => in_array($code, array_map(static fn ($finding): string => $finding->code->value, $plan->findings), true);
    }

    /** @return \Closure(Plan): bool */
    private static function has(string $figure): \Closure
    {
        return static fn (Plan $plan): bool => $plan->loads?->figures->at($figure) !== null;
    }

    /**
     * @param \Closure(float): float $unit
     *
     * @return array{float, float, float}
     */
    private static function around(\Closure $unit, float $limit, float $hair): array
    {
        return [$unit($limit - $hair), $unit($limit), $unit($limit + $hair)];
    }

    /** Angle of a rise over 12. */
    private static function rise(float $in_12): float
    {
        return atan($in_12 / 12);
    }

    /** @return iterable<string, array{Scenario, string, array{float, float, float}, \Closure(Plan): bool, array{bool, bool, bool}}> Below, at and above a limit; what is looked for, and whether it is there */
    public static function limits(): iterable
    {
        $in = static fn (float $inches): float => Length::ofInches($inches)->toMetres();
        $ft = static fn (float $feet): float => Length::ofFeet($feet)->toMetres();
        $deg = static fn (float $degrees): float => deg2rad($degrees);
        $si = static fn (float $value): float => $value;
        $roof = Scenario::of()->with('/block/columns', 4)->with('/block/left_out', []);
        $given = Scenario::to('given')->with('/given', ['roof_snow_Pa' => null] + Scenario::GIVEN)->with('/block/columns', 4)->with('/block/left_out', []);
        $other = $roof->with('/site/roof_supports', 'other');
        $unbalanced = self::has('loads/snow/unbalanced');

        // ASCE 7-16, §7.6.1: ½ in 12 (2.38°) to 7 in 12 (30.2°); a slope that is known to a hundredth of a degree still gets the load.
        yield '7 in 12 as a rise' => [$other, '/surface/pitch_rad', self::around(self::rise(...), 7.0, 0.01), $unbalanced, [true, true, false]];
        yield '7 in 12 as 30.26°' => [$other, '/surface/pitch_rad', [$deg(30.25), $deg(30.26), $deg(30.30)], $unbalanced, [true, true, false]];
        yield 'half in 12, given pressures' => [$given->with('/site/roof_supports', 'other'), '/surface/pitch_rad', self::around(self::rise(...), 0.5, 0.01), $unbalanced, [false, true, true]];
        // §7.6.1: W of 20 ft or less on simply supported members.
        yield '20 ft from eave to ridge' => [$roof, '/site/eave_to_ridge_m', self::around($ft, 20.0, 0.01), self::has('loads/snow/unbalanced_simple'), [true, true, false]];
        // §7.3.4: hip and gable roofs with slopes less than 15°.
        yield '15°' => [$roof, '/surface/pitch_rad', self::around($deg, 15.0, 0.01), self::has('loads/snow/minimum'), [true, false, false]];
        // §7.10: slopes in degrees less than W/50 in feet; p_g up to 20 psf.
        yield 'rain on W/50' => [$given->with('/surface/pitch_rad', $deg(1.0)), '/site/eave_to_ridge_m', self::around($ft, 50.0, 0.01), self::has('loads/snow/rain'), [false, false, true]];
        yield 'rain on 20 psf' => [$given->with('/surface/pitch_rad', $deg(0.9))->with('/site/eave_to_ridge_m', $ft(50)), '/site/ground_snow_Pa', self::around(static fn (float $psf): float => 47.88025898 * $psf, 20.0, 0.01), self::has('loads/snow/rain'), [true, true, false]];
        // Figs. 30.3-2A to -2I: to 7°, 7° to 20°, to 27°, to 45°; §30.3: mean roof height to 60 ft.
        yield 'a gable of 45°' => [$roof, '/surface/pitch_rad', self::around($deg, 45.0, 0.01), self::finds('figure_missing'), [false, false, true]];
        yield 'a flat roof of 7°' => [$roof->with('/surface/roof_kind', 'flat'), '/surface/pitch_rad', self::around($deg, 7.0, 0.01), self::finds('figure_missing'), [false, false, true]];
        yield 'a monoslope of 3°' => [$roof->with('/surface/roof_kind', 'shed'), '/surface/pitch_rad', self::around($deg, 3.0, 0.01), self::finds('figure_missing'), [false, false, true]];
        yield 'a gable of 7° in 7-22' => [Scenario::to('asce7-22')->with('/block/columns', 4)->with('/block/left_out', []), '/surface/pitch_rad', self::around($deg, 7.0, 0.01), self::finds('figure_missing'), [false, false, true]];
        yield '60 ft' => [$roof, '/site/mean_roof_height_m', self::around($ft, 60.0, 0.01), self::finds('too_tall'), [false, false, true]];
        // §29.4.4: top to 10 in, 2 in·a of gaps, modules to 6.7 ft, tilt to 2°.
        yield '10 in above the roof' => [$roof, '/block/top_above_roof_m', self::around($in, 10.0, 0.01), self::finds('too_high_above_roof'), [false, false, true]];
        yield 'gaps of ¼ in' => [$roof, '/block/column_gap_m', self::around($in, 0.25, 0.002), self::finds('gap_too_small'), [true, false, false]];
        yield 'modules of 6.7 ft' => [$roof, '/module/length_m', self::around($ft, 6.7, 0.001), self::finds('gaps_too_far_apart'), [false, false, true]];
        yield '2° to the roof' => [$roof, '/block/tilt_from_roof_rad', self::around($deg, 2.0, 0.01), self::finds('not_parallel'), [false, false, true]];
        // Asked below: 95 mph is the least of the maps of 7-16.
        yield '95 mph' => [$roof, '/site/wind_speed_m_per_s', self::around(static fn (float $mph): float => 0.44704 * $mph, 95.0, 0.01), self::finds('wind_speed_low'), [true, false, false]];
        // The method ends at 60°.
        yield '60°' => [Scenario::to('en-1991'), '/surface/pitch_rad', self::around($deg, 60.0, 0.01), self::finds('pitch'), [false, false, true]];
        // EN 1991-1-4, Table 7.2 below 5°; EN 1991-1-3, Annex C to 1,500 m; EN 1990, Table A1.1 over 1,000 m.
        yield 'a flat roof of 5° in EN' => [Scenario::to('en-1991')->with('/surface/roof_kind', 'flat'), '/surface/pitch_rad', self::around($deg, 5.0, 0.01), self::finds('figure_missing'), [false, true, true]];
        yield '1,500 m' => [Scenario::to('en-1991'), '/site/ground_elevation_m', self::around($si, 1500.0, 0.01), self::finds('en_altitude'), [false, false, true]];
        yield '1,000 m' => [Scenario::to('en-1991'), '/site/ground_elevation_m', self::around($si, 1000.0, 0.01), static fn (Plan $plan): bool => ($plan->loads?->combinations->strength[4]->snow ?? 0.0) > 1.0, [false, false, true]];
        // NDS 2018, §12.1.4.6: thread of four diameters in the member.
        yield 'thread of four diameters' => [$roof, '/surface/covering/shingle_thickness_m', self::around($in, 1.813, 0.002), self::finds('thread_too_short'), [false, false, true]];
    }

    /**
     * @param array{float, float, float} $values
     * @param \Closure(Plan): bool $probe
     * @param array{bool, bool, bool} $expected
     */
    #[DataProvider('limits')]
    public function test_a_limit_and_a_hair_to_either_side_of_it(Scenario $scenario, string $path, array $values, \Closure $probe, array $expected): void
    {
        self::assertSame($expected, array_map(static fn (float $value): bool => $probe(Planner::plan($scenario->with($path, $value)->design(), Depth::Checks)), $values));
    }

    public function test_at_the_edge_of_two_bands_of_pitch_the_severer_coefficient_counts(): void
    {
        $pull = static fn (float $degrees): float => max([0.0, ...array_values(array_map(static fn ($wind): float => $wind->inside->small_Pa, Planner::plan(Scenario::of()->with('/surface/pitch_rad', deg2rad($degrees))->design(), Depth::Checks)->loads->winds ?? []))]);
        foreach ([20.0, 27.0] as $edge) {
            self::assertSame(max($pull($edge - 0.01), $pull($edge + 0.01)), $pull($edge));
            self::assertNotSame($pull($edge - 0.01), $pull($edge + 0.01));
        }
    }
}
