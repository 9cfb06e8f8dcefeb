<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** What comes to the rails is in balance with what lies on the modules, in force and in both moments. */
final class LoadsOnRailsTest extends TestCase
{
    public function test_wind_areas_balance_the_pieces_of_the_modules_zone_by_zone(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $plan = Planner::plan(Scenario::random($seed, 7)->design(), Depth::Checks);
            $loads = $plan->loads;
            self::assertNotNull($loads, "seed $seed");
            $rails = $modules = [];
            foreach ($plan->supports as $support) {
                $run = $support->run;
                foreach ($run->suctions as $g => $suction) {
                    foreach ($run->windAreas_m2[$g] as $clamp => $area_m2) {
                        self::add($rails, $suction->key, $area_m2, $run->clamps_m[$clamp], $run->line->at_m);
                    }
                }
            }
            foreach ($plan->blocks[0]->placement->rows as $spots) {
                foreach ($spots as $spot) {
                    foreach ($loads->zones->pieces($spot->x_m, $spot->y_m, $spot->x_m + $plan->blocks[0]->placement->width_m, $spot->y_m + $plan->blocks[0]->placement->length_m) as $piece) {
                        self::add($modules, $loads->suction($piece['zone'], $spot->isExposed())->key, $piece['area_m2'], $piece['x_m'], $piece['y_m']);
                    }
                }
            }
            ksort($rails);
            ksort($modules);
            self::assertEqualsWithDelta($modules, $rails, 1e-6, "seed $seed");
        }
    }

    /** @param array<string, array{float, float, float}> $sums */
    private static function add(array &$sums, string $key, float $size, float $x_m, float $y_m): void
    {
        [$force, $aboutY, $aboutX] = $sums[$key] ?? [0.0, 0.0, 0.0];
        $sums[$key] = [$force + $size, $aboutY + $size * $x_m, $aboutX + $size * $y_m];
    }

    public function test_gravity_comes_to_the_rails_whole_and_down_the_slope_to_those_that_grip(): void
    {
        foreach ([true, false] as $both) {
            $design = Scenario::of()->with('/kit/clamp/grips_both_rails', $both)->design();
            $plan = Planner::plan($design, Depth::Checks);
            $theta = $design->surface->pitch->toRadians();
            $byRow = [];
            foreach ($plan->supports as $support) {
                $byRow[$support->run->line->row.'.'.$support->run->firstColumn][] = $support->run;
            }
            $area_m2 = $design->module->width->toMetres() * $design->module->length->toMetres();
            foreach ($byRow as [$lower, $upper]) {
                self::assertInstanceOf(Run::class, $upper);
                $modules = $lower->lastColumn - $lower->firstColumn + 1;
                self::assertEqualsWithDelta($modules, array_sum($lower->shares), 1e-9);
                $ps_Pa = $plan->loads->snow->balanced_Pa ?? 0.0;
                self::assertEqualsWithDelta($ps_Pa * cos($theta) ** 2 * $area_m2, $lower->snow_N['balanced'][0] + $upper->snow_N['balanced'][0], 1e-6);
                self::assertEqualsWithDelta($ps_Pa * cos($theta) * sin($theta) * $area_m2, $lower->snow_N['balanced'][1] + $upper->snow_N['balanced'][1], 1e-6);
                self::assertEqualsWithDelta($design->module->mass->weight()->toSi() * cos($theta), $lower->deadNormalLeast_N + $upper->deadNormalLeast_N, 1e-6);
                self::assertSame($both, $upper->snow_N['balanced'][1] > 0.0);
            }
        }
    }

    public function test_a_drift_below_the_ridge_comes_more_to_the_upper_rail(): void
    {
        $design = Scenario::of()->with('/site/ground_snow_Pa', 2000.0)->with('/site/roof_supports', 'other')->design();
        $runs = Planner::plan($design, Depth::Checks)->supports;
        $upper = $runs[count($runs) - 1]->run;
        $lower = $runs[count($runs) - 2]->run;
        self::assertGreaterThan($lower->snow_N['unbalanced'][0], $upper->snow_N['unbalanced'][0]);
        self::assertGreaterThan($upper->snow_N['balanced'][0], $upper->snow_N['unbalanced'][0]);
    }

    public function test_rails_lie_in_the_clamp_zone_and_their_flashings_under_the_course(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            $design = Scenario::random($seed)->design();
            $plan = Planner::plan($design, Depth::Checks);
            $faults = array_filter($plan->findings, static fn ($finding): bool => in_array($finding->code->value, ['plate_below_butt', 'cover_short'], true));
            foreach ($plan->blocks[0]->lines->pairs ?? [] as $pair) {
                foreach ($pair as $line) {
                    $from_m = $line->isUpper ? $design->module->length->toMetres() - $line->offset_m : $line->offset_m;
                    self::assertGreaterThanOrEqual($design->module->ratings[0]->from->toMetres() - 1e-9, $from_m, "seed $seed, line {$line->letter}");
                    self::assertLessThanOrEqual($design->module->ratings[0]->to->toMetres() + 1e-9, $from_m, "seed $seed, line {$line->letter}");
                    self::assertEqualsWithDelta(0.0, fmod($line->holeAt_m + 1e-9, $design->units->roofMark_m()), 2e-6, 'the chalk line stands on an eighth');
                    if ($faults === []) {
                        self::assertGreaterThanOrEqual(($design->kit->foot->flashing()?->below->toMetres() ?? NAN) - 1e-6, $line->aboveButt_m, "seed $seed, line {$line->letter}");
                    }
                }
            }
        }
    }
}
