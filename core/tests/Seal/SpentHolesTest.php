<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Seal;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Feet in the place of screws that held a metal roof down. */
final class SpentHolesTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function plan(array $changes): Plan
    {
        $scenario = Scenario::of('feijoa-lane')->with('/block/rows', 1)->with('/block/columns', 2);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    /** @return list<string> */
    private static function said(Plan $plan): array
    {
        return array_values(array_filter(array_map(static fn (Finding $one): string => $one->code->value, $plan->findings), static fn (string $code): bool => str_starts_with($code, 'spent_')));
    }

    public function test_a_new_hole_keeps_four_diameters_off_in_wood_and_three_in_steel(): void
    {
        $diameter_m = self::plan([])->design->kit->fastener->diameter()->toMetres();
        foreach ([[[], 4.0], [['/surface/framing/kind' => 'steel_purlin', '/surface/framing/steel_thickness_m' => 0.0015, '/kit/fastener' => [
            'kind' => 'steel_screw', 'name' => 'Self-driller', 'document' => 'test 8', 'diameter_m' => $diameter_m, 'length_m' => 0.1, 'pull_out_N' => 2000.0, 'tension_N' => 5000.0, 'shear_N' => 4000.0,
        ]], 3.0]] as [$purlin, $times]) {
            $beside = ['/kit/foot/roof_screw' => 'beside', '/kit/foot/pad_width_m' => 0.15] + $purlin;
            self::assertSame(['spent_too_near'], self::said(self::plan(['/kit/foot/beside_by_m' => $times * $diameter_m - 1e-5] + $beside)));
            self::assertSame([], self::said(self::plan(['/kit/foot/beside_by_m' => $times * $diameter_m] + $beside)));
        }
        self::assertContains('spent_too_near', self::said(self::plan(['/kit/foot/roof_screw' => 'beside', '/kit/foot/beside_by_m' => null])));
        self::assertSame([], self::said(self::plan(['/kit/foot/beside_by_m' => 0.004])));
    }

    public function test_what_no_pad_covers_half_an_inch_past_it_is_a_hole_of_its_own(): void
    {
        $beside = ['/kit/foot/roof_screw' => 'beside', '/kit/foot/beside_by_m' => 0.03];
        [$covered, $apart] = [self::plan(['/kit/foot/pad_width_m' => 2 * (0.03 + 0.0127)] + $beside), self::plan(['/kit/foot/pad_width_m' => 2 * (0.03 + 0.0126)] + $beside)];
        self::assertSame([[], ['spent_apart'], ['spent_apart']], [self::said($covered), self::said($apart), self::said(self::plan(['/kit/foot/pad_width_m' => null] + $beside))]);
        $feet = $covered->attachmentCount();
        $sealed = static fn (Plan $plan): int => array_column($plan->materials(), 'count', 'item')['sealed_hole'] ?? 0;
        self::assertSame($feet, $sealed($apart) - $sealed($covered));
        $holes = array_column($apart->holes->holes ?? [], null, 'id');
        $old = array_values(array_filter($holes, static fn (array $hole): bool => $hole['kind'] === 'roof_screw'));
        self::assertCount($feet, $old);
        foreach ($old as $hole) {
            $new = $holes[substr($hole['id'], 0, -4)];
            self::assertEqualsWithDelta([$new['x_m'] + 0.03, $new['y_m']], [$hole['x_m'], $hole['y_m']], 1e-9);
        }
        self::assertContains('roof_screw_beside', array_column($apart->steps->steps ?? [], 'code'));
    }

    public function test_into_the_old_hole_only_what_was_tested_in_one_goes(): void
    {
        $same = ['/kit/foot/roof_screw' => 'same'];
        self::assertSame([['spent_hole'], []], [self::said(self::plan($same)), self::said(self::plan(['/kit/foot/spent_test' => 'test 8'] + $same))]);
        // Nor sideways: what equations give is for whole wood.
        self::assertSame(['spent_hole'], self::said(self::plan(['/kit/foot/spent_test' => 'test 8', '/kit/foot/base/lateral_N' => null] + $same)));
        // In steel a screw without a pull-out of its own would count by the thickness of a whole flange.
        $byThickness = $same + [
            '/site/standard' => 'asce7-16', '/kit/capacities' => 'allowable', '/site/ground_snow_kind' => 'nominal', '/site/wind_speed_m_per_s' => 51.4, '/surface/roof_kind' => 'two_sided_gable', '/surface/pitch_rad' => 0.2,
            '/site/eave_to_ridge_m' => 9.0, '/surface/framing/kind' => 'steel_purlin', '/surface/framing/steel_thickness_m' => 0.0015, '/kit/foot/spent_test' => 'test 8',
        ];
        $screw = ['kind' => 'steel_screw', 'name' => 'Self-driller', 'document' => 'test 8', 'diameter_m' => 0.0063, 'length_m' => 0.1, 'pull_out_N' => null, 'tension_N' => 5000.0, 'shear_N' => 4000.0];
        self::assertSame([['spent_hole'], []], [self::said(self::plan($byThickness + ['/kit/fastener' => $screw])), self::said(self::plan($byThickness + ['/kit/fastener' => ['pull_out_N' => 900.0] + $screw]))]);
        self::assertContains('roof_screw_same', array_column(self::plan($same)->steps->steps ?? [], 'code'));
    }
}
