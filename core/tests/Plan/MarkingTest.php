<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Plan;

use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Geometry\FromTape;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Marking;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** What a crew marks first: edges and diagonals that give the plane back, row ends, counts. */
final class MarkingTest extends TestCase
{
    public function test_edges_and_diagonals_give_the_plane_back(): void
    {
        foreach ([Scenario::of()->design(), Scenario::to('asce7-16 hip')->design(), Edits::apply(Scenario::of()->design(), [['command' => 'corners'], ['corner' => ['after' => 2]], ['corner' => ['index' => 3, 'x_m' => 9.0, 'y_m' => 5.8]]])] as $design) {
            $plan = Planner::plan($design);
            $diagonals = Marking::diagonals($plan);
            $corners = FromTape::corners(array_column(Marking::edges($plan), 'length_m'), array_column(array_slice($diagonals, 0, -1), 'length_m'));
            self::assertIsArray($corners);
            $proof = $diagonals[count($diagonals) - 1];
            self::assertSame([2, 4], [$proof['from'], $proof['to']]);
            self::assertEqualsWithDelta($proof['length_m'], hypot($corners[3][0] - $corners[1][0], $corners[3][1] - $corners[1][1]), 1e-6);
            self::assertSame('eave', Marking::edges($plan)[0]['kind']);
        }
        $triangle = Planner::plan(Scenario::to('asce7-16 hip')->with('/surface/left_hip_m', 10.0)->with('/surface/right_hip_m', 10.0)->design());
        self::assertSame([3, []], [count(Marking::edges($triangle)), Marking::diagonals($triangle)]);
    }

    public function test_rows_are_told_from_end_to_end_with_their_counts_and_feet_by_members_on(): void
    {
        $plan = Planner::plan(Scenario::of()->design());
        [$first, $second] = Marking::rows($plan);
        self::assertSame(['9 + 10', 9, 10, 1, 2], [Marking::ridgeNote($plan), $first['modules'], $second['modules'], $first['row'], $second['row']]);
        $in = static fn (float $m): float => round(Length::ofMetres($m)->toInches(), 4);
        $block = $plan->design->block;
        self::assertSame([$in($block->x->toMetres()), $in($block->x->toMetres()) + 10 * 39 + 9 * 0.75, $in($block->y->toMetres()), $in($block->y->toMetres()) + 66], array_map($in, [$second['from_m'], $second['to_m'], $first['low_m'], $first['high_m']]));
        foreach ($plan->supports as $run) {
            foreach (array_keys($run->picks) as $foot) {
                $on = Marking::membersOn($plan, $run, $foot);
                self::assertSame(isset($run->picks[$foot + 1]) ? $run->members()[$foot + 1] - $run->members()[$foot] : null, $on);
            }
        }
        // A member that is gone is not stepped over.
        $gone = Planner::plan(Scenario::of()->with('/surface/framing/own', [['number' => 6, 'x_m' => null, 'from_m' => null, 'to_m' => null, 'plies' => 1, 'known' => null, 'plus_minus_m' => null]])->design());
        $over = array_values(array_filter(array_keys($gone->supports[0]->picks), static fn (int $foot): bool => $gone->supports[0]->members()[$foot] < 6 && ($gone->supports[0]->members()[$foot + 1] ?? 0) > 6));
        self::assertSame($gone->supports[0]->members()[$over[0] + 1] - $gone->supports[0]->members()[$over[0]] - 1, Marking::membersOn($gone, $gone->supports[0], $over[0]));
    }

    public function test_what_is_carried_up_is_what_the_plan_puts_there(): void
    {
        $job = DesignFile::read((string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/hazel-corner.json'));
        $plan = Planner::plan($job->design('plane-1'));
        $rail = $plan->design->kit->rail;
        $module_kg = $plan->design->module->mass->toSi();
        $stock = count($plan->cutting->stock ?? []);
        self::assertEquals([
            ['what' => 'modules', 'block' => 1, 'row' => 1, 'count' => 7, 'mass_kg' => 7 * $module_kg], ['what' => 'modules', 'block' => 2, 'row' => 1, 'count' => 4, 'mass_kg' => 4 * $module_kg],
            ['what' => 'rails', 'block' => 0, 'row' => 0, 'count' => $stock, 'mass_kg' => $stock * $rail->stockLength->toMetres() * $rail->lineMass->toSi()],
        ], $plan->lifts());
        self::assertCount(2, Planner::plan($job->design('plane-1'), Depth::Checks)->lifts());
    }
}
