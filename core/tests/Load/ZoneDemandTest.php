<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\ZoneDemand;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** What each zone asks of a module: laws, and the same numbers as the check of the modules themselves. */
final class ZoneDemandTest extends TestCase
{
    /** @return array<int|string, float> By zone */
    private static function suctions(Design $design): array
    {
        $by = [];
        foreach (ZoneDemand::all($design, SiteLoads::of($design, new Coefficients())) as $demand) {
            $by[$demand->zone] = $demand->suctionExposed_Pa;
        }

        return $by;
    }

    public function test_suction_grows_with_speed_height_and_openness_of_the_terrain(): void
    {
        foreach (['/site/wind_speed_m_per_s' => [45.0, 50.0, 60.0, 75.0], '/site/mean_roof_height_m' => [4.0, 6.0, 10.0, 18.0], '/site/exposure' => ['B', 'C', 'D']] as $path => $steps) {
            $before = [];
            foreach ($steps as $step) {
                $now = self::suctions(Scenario::of()->with('/site/wind_speed_m_per_s', 52.0)->with($path, $step)->design());
                foreach ($before as $zone => $suction_Pa) {
                    self::assertGreaterThanOrEqual($suction_Pa, $now[$zone], "zone $zone at $path ".json_encode($step));
                }
                $before = $now;
            }
        }
    }

    public function test_a_module_wholly_in_one_zone_is_asked_what_the_zone_asks(): void
    {
        $design = Scenario::of()->design();
        $plan = Planner::plan($design, Depth::Checks);
        self::assertNotNull($plan->loads);
        $found = 0;
        $demands = ZoneDemand::all($design, $plan->loads);
        foreach ($plan->modules() as $check) {
            $spot = $plan->blocks[0]->placement->rows[$check->row][$check->column];
            $pieces = $plan->loads->zones->pieces($spot->x_m, $spot->y_m, $spot->x_m + $plan->blocks[0]->placement->width_m, $spot->y_m + $plan->blocks[0]->placement->length_m);
            foreach ($demands as $demand) {
                if (count($pieces) === 1 && $pieces[0]['zone'] === $demand->zone) {
                    ++$found;
                    self::assertEqualsWithDelta($spot->isExposed() ? $demand->netExposed_Pa : $demand->net_Pa, $check->up_Pa, 1e-9);
                }
            }
        }
        self::assertGreaterThan(3, $found);
        self::assertEqualsWithDelta(max(ZoneDemand::down($design, $plan->loads)), max([0.0, ...array_map(static fn ($check): float => $check->down_Pa, $plan->modules())]), 1e-9);
    }
}
