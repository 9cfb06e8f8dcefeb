<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Load;

use Garnetine\Core\Attachment\Fastening\DowelInGap;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Load\AsNzs\RoofPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\Uneven;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Values worked out by hand on the uneven roofs, where ordinary examples never come; the steps stand beside them. */
final class ByHandTest extends TestCase
{
    private static function plan(Scenario $scenario): Plan
    {
        return Planner::plan($scenario->design(), Depth::Checks);
    }

    /** @return iterable<string, array{Scenario, array<int|string, float>}> */
    public static function zones(): iterable
    {
        $roofs = Uneven::all();
        // ASCE 7-16, Fig. 30.3-2B note: a = 0.1 · 11.6 m; up the slope a / cos 18.43° = 1.2227 m; 11.9 m by 5.1308 m.
        yield 'a gable: strips across and up the slope' => [$roofs['gable'], ['3e' => 2.83677, '2e' => 11.71392, '2n' => 6.22991, '1' => 25.72522, '2r' => 11.71392, '3r' => 2.83677]];
        // Fig. 30.3-2A: h 4.572 m; corners an L of 0.6h by 0.2h at the eave alone, a strip of 0.6h along eave and rakes, lengths up the slope over cos 1.1°.
        yield 'a low gable: an L in the corners at the eave' => [$roofs['low'], ['3' => 8.36281, '2' => 37.38384, '1' => 15.30987]];
        // Fig. 30.3-2E: strips of a = 1.16 m on the level beside hips that lean in by 2.9 m and 2.3 m over 4.7572 m; a / cos 22° = 1.2511 m at eave and ridge.
        yield 'a hip: strips beside unequal hips' => [$roofs['hip'], ['1' => 17.48805, '2e' => 10.78324, '3' => 3.31167, '2r' => 16.13348]];
        // Given: strips of 1.2 m, on the surface.
        yield 'given: by place' => [$roofs['given'], ['eave corner' => 2.88, 'eave' => 11.4, 'rake' => 6.55392, 'field' => 25.9426, 'ridge corner' => 2.88, 'ridge' => 11.4]];
    }

    /** @param array<int|string, float> $areas_m2 */
    #[DataProvider('zones')]
    public function test_zones_have_the_areas_that_their_figure_draws(Scenario $roof, array $areas_m2): void
    {
        $found_m2 = [];
        foreach (self::plan($roof)->loads?->zones->parts() ?? [] as $part) {
            $double = 0.0;
            foreach ($part['corners'] as $index => [$x_m, $y_m]) {
                [$next_m, $up_m] = $part['corners'][($index + 1) % count($part['corners'])] ?? [0.0, 0.0];
                $double += $x_m * $up_m - $next_m * $y_m;
            }
            $found_m2[$part['zone']] = ($found_m2[$part['zone']] ?? 0.0) + $double / 2;
        }
        ksort($areas_m2);
        ksort($found_m2);
        self::assertEqualsWithDelta($areas_m2, $found_m2, 1e-4);
    }

    /** @return iterable<string, array{Scenario, string, array<string, float>}> Figure and its values */
    public static function figures(): iterable
    {
        $roofs = Uneven::all();
        $house = static fn (float $higher_m, float $upwind_m): Scenario => $roofs['given']->with('/surface/snow_features', [['id' => 'house', 'kind' => 'higher_roof', 'x_m' => 12.3, 'y_m' => 0.0, 'width_m' => 6.0, 'length_m' => 5.9, 'height_m' => 1.7, 'upwind_m' => $upwind_m, 'higher_roof_m' => $higher_m, 'slides_from_m' => 6.1]]);
        // ASCE 7-16, §7.7: pg 1,300 Pa = 27.15 psf, γ 17.53 pcf, ps 20.91 psf, hb 1.193 ft, hc 4.385 ft. Lee of 7 m: 1.518 ft; ¾ of the windward 11 m: 1.506 ft. Width 4 hd. Recalled.
        yield 'a drift from the lee of the higher roof' => [$house(7.0, 11.0), 'loads/snow/drift_house', ['value_Pa' => 1273.7223, 'reach_m' => 1.850207, 'high_m' => 0.462552]];
        // Windward 40 m: ¾ · 3.895 = 2.921 ft, over 2.008 ft of the lee.
        yield 'a drift from the windward roof' => [$house(11.0, 40.0), 'loads/snow/drift_house', ['value_Pa' => 2451.7556, 'reach_m' => 3.561416]];
        // A higher roof of 3 m counts as 20 ft: 1.382 ft, under 1.506 ft.
        yield 'a short higher roof' => [$house(3.0, 11.0), 'loads/snow/drift_house', ['value_Pa' => 1264.1617, 'reach_m' => 1.836319]];
        // §7.9: 0.4 · pf 1,001 Pa · 6.1 m over 15 ft.
        yield 'snow that slides from it' => [$house(7.0, 11.0), 'loads/snow/slide_house', ['value_Pa' => 534.21697]];
        // §7.10: 0.7 · Ct 1.2 · 15 psf and 5 psf more.
        yield 'rain on snow' => [$roofs['low'], 'loads/snow/rain', ['value_Pa' => 842.6926, 'rain_Pa' => 239.4013]];
        // EN 1991-1-3, §6.2: 2 kN/m³ · 0.9 m over sk 2.1 kN/m² = 0.857; it ends at the least of 5 m.
        yield 'a drift at a low unit' => [$roofs['en-high'], 'loads/snow/drift_chiller', ['value_Pa' => 1800.0, 'reach_m' => 5.0]];
        $high = $roofs['en-high']->with('/surface/snow_features', [['id' => 'tank', 'kind' => 'unit', 'x_m' => 6.2, 'y_m' => 5.6, 'width_m' => 5.0, 'length_m' => 0.7, 'height_m' => 3.1, 'upwind_m' => 9.0, 'higher_roof_m' => null, 'slides_from_m' => null]]);
        yield 'a drift at a high unit: twice the ground snow over twice the height' => [$high, 'loads/snow/drift_tank', ['value_Pa' => 4200.0, 'reach_m' => 6.2]];
        // AS/NZS 1170.2:2011, §4.3.3: ls = 4.572 · (10/3 + 5) = 38.1 m; s = 38.1 / √(4.2 · 11) = 5.605; Table 4.3: 0.8 at 3, 0.9 at 6, so 0.887. Recalled.
        yield 'shielding' => [$roofs['as-nzs-shielded'], 'loads/vdes', ['ms' => 0.886843]];
        // ASCE 7-16, Table 26.8-1, ridge, C: H/Lh 31/90, K1 1.45 · 0.3444 = 0.4994; upwind 17 m, μ 1.5: K2 = 1 − 17/135 = 0.8741; γ 3: K3 = e^(−3 · 4.572/90) = 0.8586; (1 + 0.3748)². Recalled.
        yield 'speed-up on a ridge, upwind' => [$roofs['hip'], 'loads/kzt', ['k1' => 0.499444, 'k2' => 0.874074, 'k3' => 0.858645, 'value' => 1.890114]];
        // The same, 2-D escarpment, B: H/Lh 21/33 over 0.5, so K1 0.75 · 0.5 and Lh 2 · 21 m; downwind 41 m, μ 4: K2 = 1 − 41/168; γ 2.5: K3 = e^(−2.5 · 3.9/42).
        yield 'speed-up beyond a steep escarpment' => [$roofs['steep'], 'loads/kzt', ['k1' => 0.375, 'k2' => 0.755952, 'k3' => 0.792842, 'value' => 1.500031]];
        // ASCE 7-22, §7.3.4: the lesser of pg 1.5 kPa and pm of risk category III, 35 psf or more. Recalled.
        yield 'least snow of 2022' => [$roofs['drift-2022'], 'loads/snow/minimum', ['value_Pa' => 1500.0]];
    }

    /** @param array<string, float> $values */
    #[DataProvider('figures')]
    public function test_a_figure_is_what_its_clause_gives(Scenario $roof, string $path, array $values): void
    {
        $figure = self::plan($roof)->loads?->figures->at($path);
        self::assertNotNull($figure, $path);
        foreach ($values as $name => $value) {
            self::assertEqualsWithDelta($value, $figure->values[$name] ?? null, 1e-4 * max(1.0, abs($value) / 10), "$path $name");
        }
    }

    /** @return iterable<string, array{Scenario, list<string>, list<string>}> Of strength and of ratings: dead, snow, wind, and which way */
    public static function combinations(): iterable
    {
        // Written down from the clauses, not from the data; with the wind pulling snow may still lie on a part of the rail. ASCE 7-16 §§2.3.1, 2.4.1; 7-22 the same with snow at strength; EN 1990 Eq. 6.10 with A1.2(B); AS/NZS 1170.0 §4.2.2. Recalled.
        $asd = ['1 0 0', '1 0 0.6', '1 1 0', '1 0.75 0.45', '0.6 0 0.6 up', '1 0 0.6 up', '1 0.75 0.45 up'];
        yield 'ASCE 7-16, allowable' => [Scenario::to('asce7-16'), $asd, $asd];
        yield 'ASCE 7-16, strength' => [Scenario::to('asce7-16 lrfd'), ['1.4 0 0', '1.2 0 1', '1.2 1.6 0', '1.2 1.6 0.5', '1.2 0.5 1', '0.9 0 1 up', '1.2 0 1 up', '1.2 0.5 1 up'], $asd];
        yield 'ASCE 7-22, allowable' => [Scenario::to('asce7-22'), $later = ['1 0 0', '1 0 0.6', '1 0.7 0', '1 0.525 0.45', '0.6 0 0.6 up', '1 0 0.6 up', '1 0.525 0.45 up'], $later];
        yield 'EN to 1,000 m: ψ0 of snow 0.5' => [Scenario::to('en-1991'), ['1.35 0 0', '1.35 0 1.5', '1.35 1.5 0', '1.35 1.5 0.9', '1.35 0.75 1.5', '0.9 0 1.5 up', '1.35 1.5 0.9 up', '1.35 0.75 1.5 up'], ['1 0 0', '1 0 1', '1 1 0', '1 1 0.6', '1 0.5 1', '1 0 1 up', '1 1 0.6 up', '1 0.5 1 up']];
        yield 'EN over 1,000 m: ψ0 of snow 0.7' => [Uneven::all()['en-high'], ['1.35 0 0', '1.35 0 1.5', '1.35 1.5 0', '1.35 1.5 0.9', '1.35 1.05 1.5', '0.9 0 1.5 up', '1.35 1.5 0.9 up', '1.35 1.05 1.5 up'], ['1 0 0', '1 0 1', '1 1 0', '1 1 0.6', '1 0.7 1', '1 0 1 up', '1 1 0.6 up', '1 0.7 1 up']];
        // Ratings are held against the same: AS/NZS knows no allowable ones.
        yield 'AS/NZS' => [Scenario::to('as-nzs-1170-2021'), $ultimate = ['1.35 0 0', '1.2 0 1', '1.2 1 0', '0.9 0 1 up'], $ultimate];
    }

    /**
     * @param list<string> $strength
     * @param list<string> $rating
     */
    #[DataProvider('combinations')]
    public function test_the_combinations_are_those_of_the_clause(Scenario $scenario, array $strength, array $rating): void
    {
        $combinations = SiteLoads::of($scenario->design(), new Coefficients())->combinations;
        $told = static fn (Combination $one): string => implode(' ', [round($one->dead, 9), round($one->snow, 9), round($one->wind, 9), ...$one->up ? ['up'] : []]);
        self::assertSame([$strength, $rating], [array_map($told, $combinations->strength), array_map($told, $combinations->rating)]);
    }

    public function test_given_pressures_pull_where_they_were_given(): void
    {
        $pulls = array_map(static fn ($wind): array => [$wind->inside->small_Pa, $wind->exposed->large_Pa], self::plan(Uneven::all()['given'])->loads->winds ?? []);
        self::assertEqualsWithDelta(['field' => [1500.0, 1500.0], 'eave' => [1700.0, 1700.0], 'rake' => [1800.0, 1800.0], 'ridge' => [1900.0, 1900.0], 'eave corner' => [2100.0, 2100.0], 'ridge corner' => [2300.0, 2300.0]], $pulls, 1e-9);
    }

    public function test_wide_roofs_away_from_the_wind_are_pulled_by_their_breadth(): void
    {
        // AS/NZS 1170.2:2011, Table 5.3(C), 25° and more: −0.6 under b/d 3, −0.06 (7 + b/d) to 8, −0.9 over; half-way from 20° to 25° at h/d 0.5 from −0.6. Recalled.
        foreach ([[30.0, 2.0, -0.6], [30.0, 5.0, -0.72], [30.0, 8.0, -0.9], [30.0, 12.0, -0.9], [22.5, 12.0, -0.75]] as [$degrees, $broad, $pulled]) {
            self::assertEqualsWithDelta($pulled, (new RoofPressure(new Coefficients()))->downwind(0.5, $degrees, $broad), 1e-9);
        }
    }

    public function test_a_plate_over_the_nails_of_a_course(): void
    {
        // The band from ½ in to 1¼ in above a butt; butts stand 5.625 in apart from 11¼ in. Common practice, no source.
        $course = Course::of(Scenario::of()->with('/surface/covering/upper_butt_m', 0.0254 * (11.25 + 5.625))->with('/surface/covering/courses_between', 1)->design()->surface) ?? self::fail('no course');
        foreach ([[0.49, false], [0.51, true], [1.24, true], [1.26, false]] as [$above_in, $isOver]) {
            foreach ([11.25, 11.25 + 5.625] as $butt_in) {
                self::assertSame($isOver, $course->inNailBand(0.0254 * ($butt_in + $above_in)), "$above_in in");
            }
        }
    }

    public function test_a_clamp_holds_quarters_of_its_modules(): void
    {
        $even = ['edge_m' => 1.2, 'ridge_up_Pa' => 1500.0, 'eave_up_Pa' => 1500.0, 'rake_up_Pa' => 1500.0, 'eave_corner_up_Pa' => 1500.0, 'ridge_corner_up_Pa' => 1500.0] + Scenario::GIVEN;
        // An inner clamp stands in the middle of its gap of 0.8 in: by lever the end module, 1 m wide, leans on it by less than its half.
        $width_m = Uneven::all()['given']->design()->module->width->toMetres();
        foreach ([1 => [0.5, 1], 3 => [0.5 + $width_m / 2 / ($width_m + 0.4 * 0.0254), 2]] as $columns => [$modules, $quarters]) {
            $plan = self::plan(Uneven::all()['given']->with('/given', $even)->with('/block/rows', 1)->with('/block/columns', $columns)->with('/block/left_out', [])->with('/surface/snow_features', []));
            [$lower_m, $upper_m] = array_map(static fn ($run): float => $run->run->line->at_m - 0.91, $plan->supports);
            $length_m = $plan->blocks[0]->placement->length_m;
            // The rail nearer to the middle bears more; 0.6 of wind given at strength level, 0.6 of the module's own weight across the slope of 4 in 12.
            $share = max($length_m / 2 - $lower_m, $upper_m - $length_m / 2) / ($upper_m - $lower_m);
            self::assertEqualsWithDelta($modules * $share * (0.6 * 1500.0 * $width_m * $length_m - 0.6 * 9.80665 * $plan->design->module->mass->toSi() * cos($plan->design->surface->pitch->toRadians())), $plan->clamp->up_N ?? 0.0, 1e-6);
            self::assertEqualsWithDelta($quarters * $width_m * $length_m / 4, $plan->clamp->area_m2 ?? 0.0, 1e-9);
        }
    }

    public function test_snow_drifted_below_the_ridge_is_in_balance_with_its_rails(): void
    {
        // ASCE 7-16, §7.6.1: hd·γ/√S over (8/3)·hd·√S below the ridge; on the level, so cos² across the slope and sin·cos along it. Recalled.
        $plan = self::plan(Uneven::all()['gable-30-snow']);
        $case = array_column($plan->loads->snow->cases ?? [], null, 'code')['unbalanced'];
        [$width_m, $length_m, $pitch] = [$plan->blocks[0]->placement->width_m, $plan->blocks[0]->placement->length_m, $plan->design->surface->pitch->toRadians()];
        $y_m = $plan->blocks[0]->placement->rows[2][1]->y_m;
        $covered_m = $y_m + $length_m - ($plan->design->surface->slopeLength->toMetres() - $case->reach_m);
        self::assertGreaterThan(0.3, $covered_m);
        [$normal_N, $turning_Nm, $along_N] = [0.0, 0.0, 0.0];
        foreach ($plan->supports as $run) {
            if ($run->run->line->row === 2) {
                [$rail_N, $push_N] = $run->run->snow_N['unbalanced'];
                $normal_N += $rail_N;
                $turning_Nm += $rail_N * ($run->run->line->at_m - $y_m);
                $along_N += $push_N;
            }
        }
        [$even_N, $drift_N] = [$case->uniform_Pa * $width_m * $length_m, $case->surcharge_Pa * $width_m * $covered_m];
        self::assertEqualsWithDelta(($even_N + $drift_N) * cos($pitch) ** 2, $normal_N, 1e-6);
        self::assertEqualsWithDelta(($even_N * $length_m / 2 + $drift_N * ($length_m - $covered_m / 2)) * cos($pitch) ** 2, $turning_Nm, 1e-6);
        self::assertEqualsWithDelta(($even_N + $drift_N) * sin($pitch) * cos($pitch), $along_N, 1e-6);
    }

    public function test_a_reserve_is_told_in_a_word(): void
    {
        self::assertSame(['fails', 'tight', 'tight', 'holds'], array_map(Texts::word(...), [-0.001, 0.0, 0.0999, 0.1]));
        self::assertSame(['9 %', '10 %', '−1 %', '0 %'], array_map(Texts::reserve(...), [0.0999, 0.1, -0.001, 0.0099]));
    }

    /** Where the shear across the gap leaves no moment over: each side turns as a whole or bends; sought by halving, with no formula of its roots. */
    public function test_a_dowel_over_a_gap_yields_where_the_sides_balance(): void
    {
        $seen = [];
        foreach ([[0.05, 2.0, 0.2, 61_850], [0.25, 2.5, 0.94, 87_000], [0.25, 0.6, 0.3, 87_000], [0.02, 3.0, 0.0, 20_000], [1.5, 0.9, 0.0, 4_000], [1.2, 2.5, 0.1, 3_000], [0.4, 0.3, 0.0, 3_600], [2.5, 0.35, 0.0, 8_000]] as [$ls, $lm, $gap, $side_psi]) {
            [$d, $fyb, $main_psi] = [0.25, 70_000, 4_700];
            [$qs, $qm, $m] = [$side_psi * $d, $main_psi * $d, $fyb * $d ** 3 / 6];
            $turns = static fn (float $q, float $l, float $p): float => $q * $l ** 2 / 4 - $p * $l / 2 - $p ** 2 / (4 * $q);
            $bends = static fn (float $q, float $p): float => $m - $p ** 2 / (2 * $q);
            $modes = ['Im' => $qm * $lm / 4, 'Is' => $qs * $ls / 4];
            foreach (['II' => [true, true, 3.6], 'IIIm' => [false, true, 3.2], 'IIIs' => [true, false, 3.2], 'IV' => [false, false, 3.2]] as $mode => [$sideTurns, $mainTurns, $reduction]) {
                [$low, $high] = [0.0, 1e5];
                while ($high - $low > 1e-9) {
                    $p = ($low + $high) / 2;
                    $over = ($sideTurns ? $turns($qs, $ls, $p) : $bends($qs, $p)) + ($mainTurns ? $turns($qm, $lm, $p) : $bends($qm, $p)) - $p * $gap;
                    [$low, $high] = $over > 0 ? [$p, $high] : [$low, $p];
                }
                $modes[$mode] = $low / $reduction;
            }
            $found = DowelInGap::of($d, $fyb, $main_psi, $lm, $side_psi, $ls, $gap, 4.0, 3.6, 3.2, 3.2);
            self::assertEqualsWithDelta(min($modes), $found->allowable_lb, 1e-4);
            self::assertSame(array_search(min($modes), $modes, true), $found->mode);
            $seen[$found->mode] = true;
        }
        self::assertCount(6, $seen, implode(' ', array_keys($seen)));
    }
}
