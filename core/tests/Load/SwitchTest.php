<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Load;

use Garnetine\Core\Attachment\Check\ModuleCheck;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\Uneven;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a stop, a refusal or a case sets in: sought by halving a value of the design, and measured there against what decides. */
final class SwitchTest extends TestCase
{
    /** @return iterable<string, array{\Closure(float): Scenario, float, float, string|\Closure(Plan): bool, (\Closure(Plan, float): (float|null))|null, float}> Roof by a value, from where it is not to where it is, what sets in, and what a measure is there, or the value itself */
    public static function switches(): iterable
    {
        $roof = Uneven::all()['gable'];
        $of = static fn (string $path, ?Scenario $on = null): \Closure => static fn (float $value): Scenario => ($on ?? $roof)->with($path, $value);
        $figure = static fn (string $path): \Closure => static fn (Plan $plan): bool => $plan->loads?->figures->at($path) !== null;
        yield 'a clamp is pulled off' => [$of('/kit/clamp/up_N'), 9000.0, 100.0, 'clamp_fails', static fn (Plan $plan): ?float => $plan->clamp?->upRatio, 1.0];
        yield 'a clamp slips' => [$of('/kit/clamp/along_N'), 9000.0, 10.0, 'clamp_slips', static fn (Plan $plan): ?float => $plan->clamp?->alongRatio, 1.0];
        yield 'a module is pulled over its rating' => [$of('/site/wind_speed_m_per_s'), 43.0, 90.0, 'module_rating', static fn (Plan $plan): float => max(0.0, ...array_map(static fn (ModuleCheck $check): float => $check->up_Pa / ($check->ratedUp_Pa ?? 1.0), $plan->modules())), 1.0];
        // Rails do not move for the better of two ratings; it counts only where they lie in its zone.
        $rated = static fn (float $from_m): Scenario => $roof->with('/module/ratings', [
            ['basis' => 'test', 'document' => '', 'down_Pa' => 5100.0, 'factor' => 1.5, 'from_m' => $from_m, 'side' => 'long', 'to_m' => 0.5, 'up_Pa' => 3300.0],
            ['basis' => 'design', 'document' => '', 'down_Pa' => 2900.0, 'factor' => 1.0, 'from_m' => 0.11, 'side' => 'long', 'to_m' => 0.55, 'up_Pa' => 1900.0],
        ]);
        $offset = static fn (RunPlan $run): float => $run->run->line->isUpper ? 1.6764 - $run->run->line->offset_m : $run->run->line->offset_m;
        yield 'a rail lies before the zone of the better rating' => [$rated, 0.15, 0.49, static fn (Plan $plan): bool => $plan->modules()[0]->ratedUp_Pa === 1900.0, static fn (Plan $plan, float $from_m): float => $from_m / min(array_map($offset, array_slice($plan->supports, 0, 2)) ?: [1.0]), 1.0];
        yield 'even shares are over the limit' => [$of('/surface/dead_load_Pa', Uneven::all()['gable-30-snow']), 3000.0, 100.0, 'one_share_too_much', static fn (Plan $plan): ?float => $plan->shares?->atOneShare, 1.05];
        yield 'rafters are bent over their value' => [$of('/surface/framing/span_m', Uneven::all()['lag-by-size']), 1.0, 6.0, 'rafter_screen_fails', static fn (Plan $plan): ?float => $plan->screen?->ratio, 1.0];
        yield 'little room beside the centre' => [$of('/surface/framing/width_m'), 0.06, 0.036, 'window_small', static fn (Plan $plan): ?float => $plan->window?->window_m, 0.003175];
        yield 'no room beside the centre' => [$of('/surface/framing/width_m'), 0.06, 0.026, 'window_none', static fn (Plan $plan): ?float => $plan->window?->window_m, 0.0];
        yield 'a rail ends at its module' => [$of('/kit/rail/end_past_module_m'), 0.06, 0.01, 'rail_end_short', null, 0.03];
        yield 'a run is too long' => [$of('/kit/rail/longest_run_m'), 14.0, 1.0, 'run_too_long', static fn (Plan $plan, float $most_m): float => $most_m / max(0.1, ...array_map(static fn (RunPlan $run): float => $run->run->x1_m - $run->run->x0_m, $plan->supports)), 1.0];
        yield 'feet are to stand well in line' => [$of('/rules/line_tolerance_m', $roof->with('/rules/greatest_bay_m', 0.5)), 0.0015, 0.0127, 'line_tight', static fn (Plan $plan, float $tolerance_m): float => $tolerance_m / min(INF, ...array_map(static fn (RunPlan $run): float => $run->inLine_m() ?? INF, $plan->supports)), 1.0];
        yield 'an own bay under the spacing' => [$of('/rules/greatest_bay_m'), 2.0, 0.2, 'own_bay_small', null, 0.407];
        yield 'eave to ridge is too long' => [$of('/site/eave_to_ridge_m'), 4.8676, 5.5, 'eave_to_ridge_differs', null, 5.1308 * cos(0.321750554) + 0.0254];
        yield 'eave to ridge is too short' => [$of('/site/eave_to_ridge_m'), 4.8676, 4.5, 'eave_to_ridge_differs', null, 5.1308 * cos(0.321750554) - 0.0254];
        $own = static fn (float $kd): Scenario => $roof->with('/own_copies', [['coefficient' => 'asce7_16/velocity_pressure/kd', 'value' => $kd, 'document' => 'our copy', 'clause' => 'Table 26.6-1', 'name' => 'E. Sorrel', 'on' => '2026-06-01']]);
        yield 'an own copy says less than half' => [$own, 0.85, 0.1, 'own_copy_implausible', null, 0.425];
        yield 'an own copy says more than twice' => [$own, 0.85, 3.0, 'own_copy_implausible', null, 1.7];
        yield 'strips up the slope lie on each other' => [$of('/surface/slope_length_m', $roof->with('/block/rows', 1)), 5.0, 1.5, 'zones_overlap', null, 2 * 1.16 / cos(0.321750554)];
        yield 'strips across lie on each other' => [$of('/surface/width_m', $roof->with('/block/columns', 1)->with('/block/x_m', 0.6)), 11.0, 2.0, 'zones_overlap', null, 2.32];
        yield 'the left setback' => [$of('/block/x_m'), 2.83, 0.5, 'across_setback', null, 0.7874];
        yield 'the eave' => [$of('/block/y_m'), 0.91, 0.345, 'across_setback', null, 0.4318];
        // 11.9 m less four modules of 39 in with gaps of 0.8 in, and a setback of 37 in.
        yield 'the right setback' => [$of('/block/x_m'), 2.83, 7.5, 'across_setback', null, 11.9 - 4 * 0.9906 - 3 * 0.02032 - 0.9398];
        // 5.1308 m less two modules of 66 in with a gap of 1.1 in, and a setback of 13 in.
        yield 'the ridge' => [$of('/block/y_m'), 0.91, 1.7, 'across_setback', null, 5.1308 - 2 * 1.6764 - 0.02794 - 0.3302];
        yield 'off the roof at the left' => [$of('/block/x_m'), 2.83, -1.0, 'outside_surface', null, 0.0];
        // The edge of the vent, 4.5 cm from its centre at 7.35 m, less what is kept clear, where the fourth column ends.
        // ASCE 7-16, §29.4.4: twice the height of the modules over the roof. Recalled.
        yield 'nearer to the edge than twice its height above the roof' => [$of('/block/x_m', $roof->with('/surface/left_rake_overhang_m', 0.0)), 2.83, 0.01, 'too_near_edge', null, 0.254];
        yield 'too near a vent' => [$of('/block/x_m'), 2.83, 3.3, 'over_no_work_area', null, 7.35 - 0.045 - 0.13 - 4 * 0.9906 - 3 * 0.02032];
        yield 'a shank longer than the layers above' => [$of('/surface/covering/shingle_thickness_m', $roof->with('/kit/fastener/shank_hole', false)->with('/surface/framing/species', 'southern_pine')), 0.05, 0.002, 'shank_hole_needed', static fn (Plan $plan): float => ($plan->fastener?->shank->toMetres() ?? 0.0) - ($plan->fastener?->above->toMetres() ?? 0.0), 0.0];
        $wall = static fn (string $what): \Closure => static fn (float $size_m): Scenario => $roof->with('/site/ground_snow_Pa', 1500.0)->with('/surface/snow_features', [[$what => $size_m] + ['id' => 'wall', 'kind' => 'unit', 'x_m' => 6.2, 'y_m' => 5.6, 'width_m' => 5.0, 'length_m' => 0.7, 'height_m' => 0.9, 'upwind_m' => 9.0, 'higher_roof_m' => null, 'slides_from_m' => null]]);
        yield 'a unit of 15 ft gathers a drift' => [$wall('width_m'), 3.0, 8.0, $figure('loads/snow/drift_wall'), null, 4.572];
        // ps 0.7 · 1.1 · 31.33 psf over 18.07 pcf: a wall of 1.2 times that height.
        yield 'a wall that stands a fifth out of the snow' => [$wall('height_m'), 0.1, 1.0, $figure('loads/snow/drift_wall'), null, 1.2 * 0.3048 * 0.77 * 1500 / 47.88025898 / (0.13 * 1500 / 47.88025898 + 14)];
        $zone = static fn (float $zone): Scenario => Scenario::to('en-1991')->with('/site/en', ['basic_velocity_m_per_s' => 25.0, 'terrain' => 'II', 'orography' => null, 'snow_set' => 'annex_c_alpine', 'snow_zone' => $zone, 'timber' => 'C24']);
        yield 'a snow zone beyond the last' => [$zone, 3.0, 9.0, 'en_zone_range', null, 5.0];
        yield 'a snow zone before the first' => [$zone, 3.0, 0.6, 'en_zone_range', null, 1.0];
        yield 'a building over 200 m in EN' => [$of('/site/mean_roof_height_m', Scenario::to('en-1991')), 20.0, 290.0, 'en_too_tall', static fn (Plan $plan, float $height_m): float => $height_m + 0.5 * 4.8768 * tan(0.321750554), 200.0];
        $nzs = static fn (string $region, string $standard = 'as-nzs-1170-2011'): Scenario => Uneven::all()['as-nzs-shielded']->with('/site/standard', $standard)->with('/surface/roof_kind', 'two_sided_gable')->with('/surface/left_hip_m', 0.0)->with('/surface/right_hip_m', 0.0)
            ->with('/site/as_nzs', ['region' => $region, 'terrain' => '3', 'shielding' => ['buildings' => 9, 'height_m' => 30.0, 'breadth_m' => 40.0], 'topographic_multiplier' => null]);
        yield 'lee of mountains over 500 m' => [$of('/site/ground_elevation_m', $nzs('A7')), 100.0, 900.0, 'figure_missing', null, 500.0];
        yield 'no shielding over 25 m in 2021' => [$of('/site/mean_roof_height_m', $nzs('A4', 'as-nzs-1170-2021')), 10.0, 60.0, static fn (Plan $plan): bool => $plan->loads?->figures->at('loads/vdes')?->values['ms'] === 1.0, null, 25.0];
        $hill = static fn (float $half_m): Scenario => $nzs('A4')->with('/site/topography', 'hill')->with('/site/hill', ['shape' => 'ridge', 'height_m' => 20.0, 'half_length_m' => $half_m, 'from_crest_m' => 5.0, 'side' => 'upwind']);
        // Slope H / (2 Lu) of 0.05.
        yield 'a slope of 0.05 speeds the wind up' => [$hill, 900.0, 60.0, static fn (Plan $plan): bool => ($plan->loads?->figures->at('loads/vdes')->values['mt'] ?? 1.0) > 1.0, null, 200.0];
        // Modules farther from a side than half the roof's height are open there; γE 1.5 then.
        yield 'a row’s end stands open' => [$of('/block/x_m'), 1.9, 2.9, static fn (Plan $plan): bool => in_array('left', $plan->blocks[0]->placement->rows[1][1]->exposedSides, true), null, 0.5 * 4.572];
        yield 'a row’s upper side stands open' => [$of('/block/y_m', $roof->with('/rules/ridge_reading', 'ridge')->with('/rules/ridge_reading_by', 'x')->with('/block/rows', 1)->with('/block/left_out', [])), 1.6, 0.4, static fn (Plan $plan): bool => in_array('up', $plan->blocks[0]->placement->rows[1][1]->exposedSides, true), null, 5.1308 - 1.6764 - 0.5 * 4.572];
    }

    /**
     * @param \Closure(float): Scenario $roof
     * @param string|\Closure(Plan): bool $sets
     * @param (\Closure(Plan, float): (float|null))|null $measure
     */
    #[DataProvider('switches')]
    public function test_it_sets_in_exactly_there(\Closure $roof, float $without, float $with, string|\Closure $sets, ?\Closure $measure, float $there): void
    {
        $plan = static fn (float $value): Plan => Planner::plan($roof($value)->design(), Depth::Checks);
        $is = static fn (Plan $plan): bool => $sets instanceof \Closure ? $sets($plan) : in_array($sets, array_map(static fn ($finding): string => $finding->code->value, $plan->findings), true);
        $hair = 2e-5 * max(0.1, abs($there)) * ($with <=> $without);
        if ($measure === null) {
            [$without, $with] = [$there - $hair, $there + $hair];
        }
        self::assertFalse($is($plan($without)), 'it is there from the beginning');
        self::assertTrue($is($plan($with)), 'it never sets in');
        while ($measure !== null && abs($with - $without) > 1e-6 * max(1e-2, abs($with))) {
            $middle = ($without + $with) / 2;
            $is($plan($middle)) ? $with = $middle : $without = $middle;
        }
        self::assertEqualsWithDelta($there, $measure === null ? $there : $measure($plan($with), $with), 2 * abs($hair));
    }
}
