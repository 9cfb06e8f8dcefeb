<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Design\Ground\Racking\Brace;
use Garnetine\Core\Design\Typical;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TwoRows\Frame;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Tests\Support\PlaneFrame;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\TestCase;

/** Front posts braced to rear ones. */
final class BracesTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed> From near the front post's top to the rear one's foot
     */
    private static function brace(array $changes): array
    {
        return $changes + ['front_at_m' => 33 * 0.0254, 'document' => 'data 4', 'pull_N' => 9000.0, 'push_N' => 7000.0] + Typical::entry('/table/racking/brace', []);
    }

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes = [], bool $isBraced = true): TablePlan
    {
        return TablePlanner::plan(TableScenario::worked()->with($changes + ($isBraced ? ['/table/racking/brace' => self::brace([])] : []))->design(), Depth::Checks);
    }

    private static function check(TablePlan $plan, string $what, string $place): TableCheck
    {
        return array_values(array_filter($plan->stand->checks ?? [], static fn (TableCheck $one): bool => [$one->what, $one->place] === [$what, $place]))[0] ?? self::fail("No $what at $place.");
    }

    /** Thirty random frames: posts of any height and stiffness on sloping ground, firm or giving way below, a brace of any section up or down to the rear. */
    public function test_a_braced_frame_stands_as_a_plane_frame_does(): void
    {
        mt_srand(31);
        $of = static fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
        for ($try = 0; $try < 30; ++$try) {
            [$high, $below, $ei, $apart, $rises] = [[$of(0.5, 1.2), $of(0.9, 2.6)], $try % 2 === 0 ? [0.0, 0.0] : [$of(0.4, 1.4), $of(0.4, 1.4)], [$of(1e4, 9e4), $of(1e4, 9e4)], $of(0.8, 2.4), $of(-0.3, 0.3)];
            $at = [$of(0.05, $high[0] - 0.05), $of(0.05, $high[1] - 0.05)];
            [$area, $push] = [10 ** $of(-5, -2), $of(-3e3, 3e3)];
            $brace = new Brace('Bar', '', Length::ofMetres($at[0]), Length::ofMetres($at[1]), Area::ofSi($area), Pressure::ofSi(2e11), null, null);
            $frame = Frame::braced($brace, [$high[0], $high[1]], [$below[0], $below[1]], [$ei[0], $ei[1]], $apart, $rises);
            // Ways: 0 to 2 and 3 to 5 the feet, 6 to 8 and 9 to 11 where the brace is bolted on, 12 across of both tops, 13 to 16 the rest of them, 17 and 18 the brace turning.
            $plane = new PlaneFrame();
            foreach ([[0, 0.0, 0.0, [0, 1, 2, 6, 7, 8], [6, 7, 8, 12, 13, 14]], [1, $apart, $rises, [3, 4, 5, 9, 10, 11], [9, 10, 11, 12, 15, 16]]] as [$post, $x, $ground, $lower, $upper]) {
                $plane->bar([$x, $ground - $below[$post]], [$x, $ground + $at[$post]], $lower, 1e13, $ei[$post]);
                $plane->bar([$x, $ground + $at[$post]], [$x, $ground + $high[$post]], $upper, 1e13, $ei[$post]);
            }
            $plane->bar([0.0, $at[0]], [$apart, $rises + $at[1]], [6, 7, 17, 9, 10, 18], $area * 2e11, 1.0);
            $plane->load(12, $push);
            $held = $plane->heldBy([0, 1, 2, 3, 4, 5]);
            foreach ([0, 1] as $post) {
                $on = $frame->post($post === 1, $push, $high[$post]);
                $foot_Nm = $on['moment_Nm'] + $on['across_N'] * $below[$post];
                self::assertEqualsWithDelta([$on['across_N'], $on['presses_N'], $foot_Nm], [-$held[3 * $post], $held[3 * $post + 1], $held[3 * $post + 2]], 1e-4 * abs($push), "try $try, post $post");
            }
            [$front, $rear] = [$frame->post(false, $push, $high[0]), $frame->post(true, $push, $high[1])];
            self::assertEqualsWithDelta([$push, 0.0], [$front['across_N'] + $rear['across_N'], $front['presses_N'] + $rear['presses_N']], 1e-9 * abs($push));
        }
    }

    public function test_what_acts_arrives_at_the_ground_with_braces_as_without(): void
    {
        [$braced, $bare] = [self::plan(), self::plan([], false)];
        // The front posts, short and stiff, are pushed less and bent much less.
        self::assertLessThan(0.3 * self::check($bare, 'bend', 'A1')->demand_si, self::check($braced, 'bend', 'A1')->demand_si);
        self::assertLessThan($bare->stand->depth_m ?? 0.0, $braced->stand->depth_m ?? INF);
        // A thread for a brace is none.
        $thread = self::plan(['/table/racking/brace' => self::brace(['area_m2' => 1e-5, 'modulus_Pa' => 1e9])]);
        self::assertEqualsWithDelta(1.0, self::check($thread, 'bend', 'A1')->demand_si / self::check($bare, 'bend', 'A1')->demand_si, 0.02);
        self::assertLessThan(0.15 * self::check($braced, 'brace_push', 'A1')->demand_si, self::check($thread, 'brace_push', 'A1')->demand_si);
        // The joint on a post is pushed by what is on its top, not by what the brace takes out of it.
        self::assertGreaterThan(1.2 * self::check($braced, 'sideways', 'A1')->demand_si, self::check($braced, 'tee_across', 'A1')->demand_si);
    }

    public function test_a_brace_holds_what_its_document_says_and_is_cut_to_length(): void
    {
        $plan = self::plan();
        $push = self::check($plan, 'brace_push', 'A1');
        self::assertSame(7000.0, $push->capacity_si);
        // Wind on the high edge pulls it, with no weight to help; wind on the low edge presses it more.
        $pull = self::check($plan, 'brace_pull', 'A1');
        self::assertSame(['open_wind.0_a_clear', 'open_wind.180_a_clear', 9000.0], [$pull->case?->wind, $push->case?->wind, $pull->capacity_si]);
        self::assertGreaterThan(1.1 * $pull->demand_si, $push->demand_si);
        self::assertContains('brace_push', array_map(static fn (TableCheck $one): string => $one->what, array_filter(self::plan(['/table/racking/brace' => self::brace(['push_N' => 100.0])])->stand->checks ?? [], static fn (TableCheck $one): bool => $one->ratio > 1.0)));
        $missing = self::plan(['/table/racking/brace' => Typical::entry('/table/racking/brace', [])]);
        self::assertContains('/table/racking/brace/pull_N', array_map(static fn ($one): string => $one->at, $missing->findings));
        // 80 in on the level and 27 in down, from 33 in over the ground to 6 in.
        $strut = $plan->stand?->side->struts['A'] ?? self::fail();
        self::assertEqualsWithDelta(hypot(80, 27), hypot($strut[2] - $strut[0], $strut[3] - $strut[1]) / 0.0254, 1e-6);
        self::assertStringContainsString('7\' 0 7/16" from bolt to bolt', array_column($plan->stand->materials, 'name', 'item')['brace'] ?? '');
        self::assertContains('table_braces', array_column($plan->stand->steps, 'code'));
    }
}
