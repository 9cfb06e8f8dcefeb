<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use Garnetine\Core\Tests\Support\Uneven;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Bays and overhangs by a maker's table of spans. */
final class SpanTableTest extends TestCase
{
    private const TABLE = ['document' => 'Table 4', 'basis' => 'allowable', 'direction' => 'both', 'tributary_m' => 0.8, 'overhang_share' => 0.4];

    /**
     * @param list<array{float, float}> $rows Loads in Pa, spans in m
     * @param array<string, mixed> $changes
     */
    private static function plan(array $rows, array $changes = []): Plan
    {
        $scenario = Scenario::of()->with('/block/rows', 1)->with('/block/columns', 4)->with('/block/left_out', [])->with('/surface/no_work_circles', [])->with('/rules/pattern', 'stacked')
            ->with('/kit/rail/spans', ['rows' => array_map(static fn (array $row): array => ['load_Pa' => $row[0], 'span_m' => $row[1]], $rows)] + self::TABLE);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn (Finding $one): string => $one->code->value, $plan->findings);
    }

    public function test_the_load_on_the_width_of_the_table_is_that_of_the_worst_clamp(): void
    {
        // Snow governs by far: dead and snow of a module on its rail, over the pitch of the modules and the width of the table.
        $snowy = self::plan([[9000.0, 1.3]], ['/site/ground_snow_Pa' => 3000.0, '/surface/dead_load_Pa' => 3000.0]);
        foreach ($snowy->supports as $support) {
            $run = $support->run;
            $each_N = $run->deadNormalMost_N + max(array_map(static fn (array $one): float => $one[0], array_values($run->snow_N) ?: self::fail()));
            // The end clamps hold half a module, and a little of the gap beside it, on half of the way to the next clamp.
            $carries_m = ($run->clamps_m[1] - $run->clamps_m[0]) / 2;
            self::assertEqualsWithDelta($each_N * $run->shares[0] / $carries_m / 0.8, $support->check->spans->load_Pa ?? 0.0, 1e-6);
        }
        // Wind alone, at the pressure on the smallest area, less what of the dead load resists.
        $windy = self::plan([[9000.0, 1.3]], ['/site/ground_snow_Pa' => 0.0, '/site/wind_speed_m_per_s' => 75.0]);
        foreach ($windy->supports as $support) {
            $run = $support->run;
            $most_Pa = max(array_map(static fn ($suction): float => $suction->at_Pa(1e-3), $run->suctions ?: self::fail()));
            $beside_m = $windy->design->module->length->toMetres() / 2;
            self::assertLessThanOrEqual(0.6 * $most_Pa * $beside_m / 0.8, $support->check->spans->load_Pa ?? INF);
            self::assertGreaterThan(0.6 * 0.8 * $most_Pa * $beside_m / 0.8 - 100.0, $support->check->spans->load_Pa ?? 0.0);
        }
    }

    public function test_the_row_at_the_load_or_next_above_it_counts_and_none_beyond(): void
    {
        $load_Pa = self::plan([[9000.0, 1.3]])->supports[0]->check->spans->load_Pa ?? self::fail();
        self::assertSame([1.5, 1.4, 1.4], [self::bay_m([[$load_Pa, 1.5], [$load_Pa + 100, 1.4]]), self::bay_m([[$load_Pa - 1, 1.5], [$load_Pa + 100, 1.4]]), self::bay_m([[100.0, 2.0], [$load_Pa + 1, 1.4], [$load_Pa + 500, 1.0]])]);
        $beyond = self::plan([[100.0, 2.0], [$load_Pa - 1, 1.4]]);
        self::assertSame([0.0, true], [$beyond->supports[0]->check->spans?->bay_m, $beyond->hasRefusal()]);
        self::assertContains('beyond_table', self::codes($beyond));
        self::assertFalse($beyond->supports[0]->holds());
    }

    /** @param array<string, mixed> $changes */
    #[TestWith([[], 'stop'])]
    #[TestWith([['direction' => 'normal'], 'allowable_missing'])]
    #[TestWith([['rows' => []], 'span_table_open'])]
    #[TestWith([['document' => ''], 'span_table_open'])]
    #[TestWith([['basis' => 'design'], 'span_table_open'])]
    #[TestWith([['rows' => [['load_Pa' => 900.0, 'span_m' => 1.2], ['load_Pa' => 9000.0, 'span_m' => 1.3]]], 'span_table_disordered'])]
    #[TestWith([['rows' => [['load_Pa' => 9000.0, 'span_m' => 1.3], ['load_Pa' => 9000.0, 'span_m' => 1.2]]], 'span_table_disordered'])]
    #[TestWith([['rows' => [['load_Pa' => 9000.0, 'span_m' => 0.4]]], 'span_short'])]
    public function test_a_rail_without_a_stress_is_planned_by_a_table_that_is_whole(array $changes, string $code): void
    {
        $plan = self::plan([], ['/kit/rail/allowable_stress_Pa' => null, '/kit/rail/spans' => $changes + ['rows' => [['load_Pa' => 9000.0, 'span_m' => 1.9]]] + self::TABLE]);
        $stops = array_values(array_diff(array_map(static fn (Finding $one): string => $one->code->value, $plan->openStops()), ['allowable_missing']));
        if ($code === 'stop') {
            self::assertNotContains('allowable_missing', self::codes($plan));
            self::assertContains('spans_by_table', self::codes($plan));
            self::assertSame([], $stops);

            return;
        }
        self::assertContains($code, self::codes($plan));
        // What cannot be used takes no feet away while it is typed.
        self::assertSame($code !== 'span_short', $plan->supports[0]->holds());
    }

    public function test_of_two_layers_the_upper_rails_alone_are_held_to_it(): void
    {
        $plan = Planner::plan(Uneven::all()['cross']->with('/kit/rail/spans', ['basis' => 'design', 'rows' => [['load_Pa' => 20_000.0, 'span_m' => 2.4]]] + self::TABLE)->design());
        self::assertSame([[true], [false]], [
            array_values(array_unique(array_map(static fn ($run): bool => $run->check->spans !== null, $plan->uppers()))),
            array_values(array_unique(array_map(static fn ($run): bool => $run->check->spans !== null, $plan->supports))),
        ]);
        self::assertContains('allowable_missing', self::codes(Planner::plan(Uneven::all()['cross']->with('/kit/rail/allowable_stress_Pa', null)->with('/kit/rail/spans', ['basis' => 'design', 'rows' => [['load_Pa' => 20_000.0, 'span_m' => 2.4]]] + self::TABLE)->design())));
    }

    public function test_the_fewest_feet_within_the_table_are_found_as_trying_all_finds_them(): void
    {
        $bound = 0;
        for ($seed = 1; $seed <= 14; ++$seed) {
            mt_srand($seed);
            $span_m = mt_rand(70, 210) / 100;
            $plan = self::plan([[20_000.0, $span_m]], [
                '/block/columns' => 3, '/block/x_m' => 1.5 + mt_rand(0, 20) / 10, '/site/ground_snow_Pa' => (float) mt_rand(0, 900), '/surface/framing/spacing_m' => mt_rand(0, 1) === 1 ? 0.4064 : 0.6096,
                '/kit/foot/up_N' => (float) mt_rand(2500, 4500), '/kit/rail/section_modulus_x_m3' => mt_rand(60, 120) / 1e7,
                ...$seed % 4 === 0 ? ['/kit/rail/stock_length_m' => 2.4] : [],
            ]);
            foreach ($plan->supports as $support) {
                $run = $support->run;
                $inTable = static fn (array $picks): bool => self::isInTable($run, $picks, $span_m);
                $opinion = new SecondOpinion($plan->design, $run);
                $fewest = Enumeration::fewest($opinion, $run, 10, $inTable)[0];
                self::assertSame($fewest, $support->holds() ? count($support->picks) - $support->forMembers : null, "seed $seed, $run->id");
                self::assertTrue(!$support->holds() || $inTable($support->picks));
                $bound += (int) ($fewest !== Enumeration::fewest($opinion, $run, 10)[0]);
            }
        }
        self::assertGreaterThan(5, $bound, 'The table hardly ever decides.');
    }

    /** @param list<array{float, float}> $rows */
    private static function bay_m(array $rows): ?float
    {
        return self::plan($rows)->supports[0]->check->spans?->bay_m;
    }

    /** @param array<mixed> $picks */
    private static function isInTable(Run $run, array $picks, float $span_m): bool
    {
        $factor = 1 + 0.25 / 6;
        $feet_m = array_values(array_filter($run->candidates_m, static fn (int $pick): bool => in_array($pick, $picks, true), ARRAY_FILTER_USE_KEY));
        $ends_m = [$feet_m[0] - $run->clamps_m[0], $run->clamps_m[count($run->clamps_m) - 1] - $feet_m[count($feet_m) - 1]];
        $bays_m = array_map(static fn (float $from_m, float $to_m): float => $to_m - $from_m, array_slice($feet_m, 0, -1), array_slice($feet_m, 1));

        return max($ends_m) * $factor <= 0.4 * $span_m && max([0.0, ...$bays_m]) * $factor <= $span_m;
    }
}
