<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Ground\Racking\PipeTable;
use Garnetine\Core\Design\Typical;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\RoundPipe;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TwoRows\AsBuilt;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\TestCase;

/** Posts that do not stand as planned: out of plumb, out of their row, too high. */
final class AsBuiltTest extends TestCase
{
    private const IN = 0.0254;

    /**
     * @param array<string, array<string, float|string>> $built By post, 84 in deep as all are
     * @param array<string, mixed> $changes
     */
    private static function plan(array $built, array $changes = []): TablePlan
    {
        $each = [];
        foreach (['A1', 'B1', 'C1', 'D1', 'A2', 'B2', 'C2', 'D2'] as $post) {
            $each[] = ['post' => $post, 'depth_m' => 84 * self::IN, 'by' => 'E. Sorrel', 'on' => '2026-11-02'] + ($built[$post] ?? []);
        }

        return TablePlanner::plan(TableScenario::of()->with($changes + ['/table/built' => $each])->design(), Depth::Checks);
    }

    private static function check(TablePlan $plan, string $path): TableCheck
    {
        return $plan->checks[$path] ?? self::fail($path);
    }

    /**
     * @param array<string, array<string, float|string>> $built
     * @param array<string, mixed> $changes
     *
     * @return list<Finding>
     */
    private static function told(array $built, string $code, array $changes = []): array
    {
        return array_values(array_filter(self::plan($built, $changes)->findings, static fn (Finding $one): bool => $one->code->value === $code));
    }

    public function test_a_post_out_of_plumb_is_bent_by_what_stands_on_it(): void
    {
        [$plumb, $leans] = [self::plan([]), self::plan(['B2' => ['lean_rad' => 0.03]])];
        foreach (['bend', 'sideways'] as $what) {
            self::assertGreaterThan(self::check($plumb, "posts/B2/$what")->ratio, self::check($leans, "posts/B2/$what")->ratio);
            self::assertEqualsWithDelta(self::check($plumb, "posts/B1/$what")->ratio, self::check($leans, "posts/B1/$what")->ratio, 1e-12);
        }
        // Pressed or pulled, it adds to what bends the post already, at the ground and at a brace; nothing else changes.
        $shape = TableScenario::of()->shape();
        $posts = array_fill(0, 8, [-1500.0, 300.0, -400.0]);
        $bent = ['top_N' => 200.0, 'presses_N' => -1500.0, 'bent' => [[-1500.0, 400.0], [900.0, 100.0]], 'bow_Nm3' => 5.0];
        $case = AsBuilt::of($leans->design, $shape)->leaning(new TableCase('table_combination.d_w', 'open_wind.least_up', '', true, $posts, [1.0, 2.0], null, array_fill(0, 8, $bent), [3.0]));
        $arm_m = $shape->rear_m[1] * tan(0.03);
        self::assertEqualsWithDelta([[-1500.0, 300.0, -400.0 - 1500.0 * $arm_m], [[-1500.0, 400.0 + 1500.0 * $arm_m], [900.0, 100.0 + 900.0 * $arm_m]]], [$case->posts[5], $case->braced[5]['bent']], 1e-9);
        self::assertSame([$posts[1], $bent, [1.0, 2.0], true, [3.0]], [$case->posts[1], $case->braced[1], $case->beams, $case->isSoft, $case->braces]);
    }

    public function test_a_beam_that_is_pulled_onto_a_post_is_bent_by_it(): void
    {
        $plain = self::check(self::plan([]), 'pipes/front/beam');
        $plan = self::plan(['B1' => ['off_line_m' => -0.012], 'C2' => ['off_line_m' => 0.0]]);
        $pulled = self::check($plan, 'pipes/front/beam');
        $beam = RoundPipe::of(TableScenario::of()->pipes()->beam, new Coefficients()) ?? self::fail();
        $bay_m = TableScenario::of()->shape()->posts_m[1] - TableScenario::of()->shape()->posts_m[0];
        self::assertEqualsWithDelta($plain->demand_si + 3 * $beam->stiffness_Nm2() * 0.012 / $bay_m ** 2, $pulled->demand_si, 1e-6);
        self::assertStringContainsString('from being pulled onto posts out of their row', Texts::of($plan->design)->formula(Becauses::of($plan, 'pipes/front/beam')));
        self::assertSame(['beam_misfit', 'beam'], [$pulled->says(), self::check($plan, 'pipes/rear/beam')->says()]);
    }

    public function test_heads_that_are_too_high_tilt_the_table(): void
    {
        $shape = TableScenario::of()->shape();
        $told = static fn (float $over_m): array => array_values(array_filter(
            self::plan(array_fill_keys(['A2', 'B2', 'C2', 'D2'], ['head_over_m' => $over_m]))->findings,
            static fn (Finding $one): bool => $one->code->value === 'tilt_as_built',
        ));
        $degree_m = $shape->between_m * (tan($shape->tilt_rad + deg2rad(1.0)) - tan($shape->tilt_rad));
        self::assertSame([0, 0, 1], [count($told(0.0)), count($told($degree_m)), count($told($degree_m + 0.002))]);
        self::assertEqualsWithDelta(atan2($shape->rise_m - 0.06, $shape->between_m), $told(-0.06)[0]->values['tilt_rad'], 1e-9);
        // Both rows too high by as much stand as tilted as planned.
        self::assertSame([], array_filter(self::plan(array_fill_keys(['A1', 'B1', 'C1', 'D1', 'A2', 'B2', 'C2', 'D2'], ['head_over_m' => 0.1]))->findings, static fn (Finding $one): bool => $one->code->value === 'tilt_as_built'));
    }

    public function test_a_cut_is_held_against_its_hole_and_tells_the_head_where_nobody_measured_that(): void
    {
        $needed_m = array_column(array_map(static fn ($post): array => [$post->place->id, $post->cut_m ?? 0.0], self::plan([])->posts), 1, 0);
        /** @return array<string, array<string, float>> */
        $cut = static fn (float $over_m): array => array_map(static fn (float $cut_m): array => ['cut_m' => $cut_m + $over_m], array_intersect_key($needed_m, ['A2' => 1, 'B2' => 1, 'C2' => 1, 'D2' => 1]));
        // An eighth of an inch is let pass, either way; all in their holes as they are needed say nothing.
        self::assertSame([], [...self::told($cut(0.0), 'cut_differs'), ...self::told($cut(0.0), 'tilt_as_built'), ...self::told($cut(0.0031), 'cut_differs'), ...self::told($cut(-0.0031), 'cut_differs')]);
        foreach ([[0.05, 'built.high'], [-0.05, 'built.low']] as [$over_m, $way]) {
            $told = self::told($cut($over_m), 'cut_differs');
            self::assertCount(4, $told);
            self::assertSame(['A2', $way], [$told[0]->values['post'], $told[0]->values['way']]);
            self::assertEqualsWithDelta([$needed_m['A2'] + $over_m, $needed_m['A2'], 0.05], [$told[0]->values['cut_m'], $told[0]->values['needed_m'], $told[0]->values['over_m']], 1e-9);
            // The table is tilted as by heads that stand so high; a head that was measured goes before the cut.
            $heads = self::plan(array_fill_keys(['A2', 'B2', 'C2', 'D2'], ['head_over_m' => $over_m]));
            $tilt = static fn (TablePlan $plan): float => AsBuilt::of($plan->design, TableScenario::of()->shape())->tilt_rad();
            self::assertEqualsWithDelta($tilt($heads), $tilt(self::plan($cut($over_m))), 1e-9);
            self::assertEqualsWithDelta($tilt(self::plan([])), $tilt(self::plan(array_map(static fn (array $one): array => $one + ['head_over_m' => 0.0], $cut($over_m)))), 1e-12);
        }
    }

    public function test_what_is_poured_bears_modules_once_the_last_of_it_has_hardened(): void
    {
        $crew = static fn (float $celsius): array => ['/table/crew' => ['air_celsius' => $celsius] + Typical::entry('/table/crew', [])];
        self::assertSame([], self::told([], 'poured'));
        // 8.3 days at 23 °C, 18 at 10: by ACI 209 and the maturity, as the step of waiting tells.
        $poured = ['A1' => ['poured_on' => '2026-06-10'], 'B1' => ['poured_on' => '2026-06-12']];
        foreach ([[$crew(23.0), 23.0, 9, '2026-06-21'], [[], 10.0, 18, '2026-06-30']] as [$changes, $celsius, $days, $from]) {
            $values = self::told($poured, 'poured', $changes)[0]->values;
            self::assertSame([2, 8, '2026-06-12', $days, $from], [$values['poured'], $values['posts'], $values['on'], $values['days'], $values['from']]);
            self::assertEqualsWithDelta($celsius, $values['air_celsius'], 1e-9);
        }
    }

    /** Two columns more on the same bays: the posts that stand keep their places and depths and are judged anew, those beside them are dug as they need. */
    public function test_later_columns_stand_on_the_same_grid_and_the_old_posts_are_judged_again(): void
    {
        $plan = static fn (array $changes): TablePlan => TablePlanner::plan(TableScenario::of()->with(['/table/ground/along_rad' => 0.0, '/table/ground/across_rad' => 0.0] + $changes)->design(), Depth::Checks);
        $xs = static fn (TablePlan $plan): array => array_map(static fn ($place): float => round($place->x_m, 4), array_values(array_filter($plan->stand->places ?? [], static fn ($place): bool => !$place->isRear)));
        $first = $plan([]);
        $bay_m = $xs($first)[1] - $xs($first)[0];
        self::assertEqualsWithDelta($first->leastReserve(), $plan(['/table/racking/bay_m' => $bay_m])->leastReserve(), 1e-3);
        $built = array_map(static fn ($post): array => ['post' => $post->place->id, 'depth_m' => $post->depth_m, 'by' => 'E. Sorrel', 'on' => '2026-06-01'], $first->posts);
        $later = ['/table/built' => $built, '/table/racking/bay_m' => $bay_m, '/table/racking/posts' => 6, '/table/columns' => 6];
        $grown = $plan($later);
        self::assertSame($xs($first), array_slice($xs($grown), 0, 4));
        self::assertSame(array_column($built, 'depth_m', 'post'), array_intersect_key(array_combine(array_map(static fn ($post): string => $post->place->id, $grown->posts), array_column($grown->posts, 'depth_m')), array_column($built, 'depth_m', 'post')));
        // The last of the old front posts bears a bay more now.
        self::assertGreaterThan($first->checks['posts/D1/press']->demand_si + 1.0, $grown->checks['posts/D1/press']->demand_si);
        self::assertContains('D1', array_map(static fn ($post): string => $post->place->id, $grown->posts));
        $codes = static fn (TablePlan $plan): array => array_map(static fn ($finding): string => $finding->code->value, $plan->findings);
        // Dug shallower than they have to be now, they are told.
        self::assertContains('built_short', $codes($plan(['/table/built' => array_map(static fn (array $one): array => ['depth_m' => 1.2] + $one, $built)] + $later)));
        self::assertContains('pipes_off_table', $codes($plan(['/table/columns' => 4] + $later)));
        // Without the bay all would stand elsewhere.
        self::assertNotSame($xs($first), array_slice($xs($plan(['/table/racking/bay_m' => null] + $later)), 0, 4));
        // What else would stand does so in equal bays.
        foreach (TablePlanner::ways(TableScenario::of()->with($later)->design()) as $way) {
            self::assertNull($way->design->table->racking instanceof PipeTable ? $way->design->table->racking->bay : 1);
        }
    }
}
