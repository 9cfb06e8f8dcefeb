<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rates;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Typical;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\KindBeside;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\Schools;
use Garnetine\Core\Plan\TableChooser;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Plan\TableWay;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Rates\Effort;
use Garnetine\Core\Rates\Rates;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\TestCase;

/** What a plan takes by a company's own rates. */
final class EffortTest extends TestCase
{
    private const COUNTS = ['feet' => 10, 'pieces' => 6, 'bars' => 4, 'splices' => 2, 'crossings' => 0, 'clamps' => 16, 'modules' => 7];

    private static function rates(): Rates
    {
        // No two alike, so that one in another's place is seen.
        return new Rates('QTM', 61.0, 90.0, 12.0, 7.0, 3.0, 11.0, 23.5, 41.0, 6.25, 9.5, 2.75, 13.0, 8.5);
    }

    public function test_work_and_parts_are_what_each_takes_times_how_many_there_are(): void
    {
        $effort = Effort::ofRoof(self::rates(), self::COUNTS);
        // By hand: 90 + 10·12 + 6·7 + 7·11 = 329 minutes; 10·23.5 + 4·41 + 2·6.25 + 16·2.75 = 455.5.
        self::assertEqualsWithDelta(329 / 60, $effort->hours, 1e-9);
        self::assertEqualsWithDelta(329 / 60 * 61 + 455.5, $effort->cost, 1e-9);
        self::assertSame([], $effort->missing);
        $crossed = Effort::ofRoof(self::rates(), ['crossings' => 5] + self::COUNTS);
        self::assertEqualsWithDelta([5 * 3 / 60, 5 * 3 / 60 * 61 + 5 * 9.5], [$crossed->hours - $effort->hours, $crossed->cost - $effort->cost], 1e-9);
        // A table: its own hours, 26.4 m of posts, eleven bags.
        $table = Effort::ofTable(self::rates(), 14.5, 26.4, 11.0);
        self::assertEqualsWithDelta([14.5, 14.5 * 61 + 26.4 * 13 + 11 * 8.5], [$table->hours, $table->cost], 1e-9);
    }

    public function test_what_rests_on_an_open_rate_is_not_told(): void
    {
        $open = static fn (string $what): array => (static fn (Effort $one): array => [$one->hours === null, $one->cost === null, $one->missing])(Effort::ofRoof(Copy::of(self::rates(), ...[$what => null]), self::COUNTS));
        self::assertSame([true, true, ['foot_minutes']], $open('footMinutes'));
        self::assertSame([true, true, ['start_minutes']], $open('startMinutes'));
        self::assertSame([false, true, ['bar_price']], $open('barPrice'));
        self::assertSame([false, true, ['hour']], $open('hour'));
        // There is no crossing, and nothing of a table: nobody asks for these.
        self::assertSame([false, false, []], $open('crossingMinutes'));
        self::assertSame([false, false, []], $open('bagPrice'));
        self::assertSame([null, null], [Effort::ofTable(self::rates(), null, 2.0, 1.0)->hours, Effort::ofTable(self::rates(), null, 2.0, 1.0)->cost]);
    }

    public function test_a_school_counts_what_its_plan_lists(): void
    {
        $only = static fn (string $what): Rates => Copy::of(new Rates('QTM', 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0), ...[$what => 1.0]);
        foreach (['quince-lane', 'teasel-yard', 'damson-terrace'] as $roof) {
            foreach (Schools::of(Scenario::of($roof)->with('/block/columns', 4)->design(), static fn (Design $design): Plan => Planner::plan($design)) as $school) {
                $counts = array_column($school->plan->materials(), 'count', 'item');
                $clamps = array_sum(array_map(static fn (array $item): int => str_ends_with($item['item'], '_clamp') ? $item['count'] : 0, $school->plan->materials()));
                $prices = ['footPrice' => $counts['foot'] ?? 0, 'barPrice' => $counts['rail'] ?? 0, 'splicePrice' => $counts['splice'] ?? 0, 'crossingPrice' => $counts['crossing'] ?? 0, 'clampPrice' => $clamps];
                $minutes = ['footMinutes' => $counts['foot'] ?? 0, 'railMinutes' => count($school->plan->cutting->pieces ?? []), 'crossingMinutes' => $counts['crossing'] ?? 0, 'moduleMinutes' => $school->plan->moduleCount(), 'startMinutes' => 1];
                foreach ($school->plan->cutting === null ? [] : [...$prices, ...$minutes] as $what => $count) {
                    $effort = $school->effort($only($what));
                    self::assertEqualsWithDelta($count, isset($prices[$what]) ? $effort->cost : ($effort->hours ?? -1) * 60, 1e-9, "$roof $school->arrangement $what");
                }
            }
        }
        // The posts of a table end to end, its bags, its hours; of another way to stand those of its own plan.
        $crew = ['/table/crew' => ['from' => '2026-06-08'] + Typical::entry('/table/crew', [])];
        $design = TableScenario::of()->with($crew)->design();
        $told = array_values(array_filter(TableChooser::of($design), static fn (KindBeside $one): bool => $one->isHere))[0];
        $way = array_values(array_filter(TablePlanner::ways($design), static fn (TableWay $one): bool => $one->holds && $one->posts !== count($told->plan->posts ?? [])))[0];
        foreach ([[$told, $told->plan], [$way, TablePlanner::plan($way->design, Depth::Checks)]] as [$one, $plan]) {
            $posts = $plan->posts ?? [];
            self::assertNotSame([], $posts);
            self::assertEqualsWithDelta(array_sum(array_map(static fn ($post): float => $post->cut_m ?? 0.0, $posts)), $one->effort($only('postMetrePrice'))?->cost, 1e-9);
            self::assertEqualsWithDelta(ceil(array_sum(array_map(static fn ($post): float => $post->bags ?? 0.0, $posts)) - 1e-9), $one->effort($only('bagPrice'))?->cost, 1e-9);
            self::assertEqualsWithDelta($plan?->days()->hours ?? -1.0, $one->effort($only('hour'))?->cost, 1e-9);
        }
        // Where nothing stands nothing is told.
        $none = TableWay::of($design->on(Copy::of($design->table, tilt: Angle::ofDegrees(59.0))));
        self::assertSame([null, null], [$none->depth_m, $none->effort($only('hour'))]);
    }
}
