<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Design\Ground\Racking\BallastFrames;
use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Ground\Ballast\TrayBlocks;
use Garnetine\Core\Ground\PileRow\RowCases;
use Garnetine\Core\Ground\PileRow\RowShape;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\TestCase;

/** Purlins on one row of piles, and frames that blocks alone hold down. */
final class RowsAndBlocksTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function plan(string $table, array $changes = []): TablePlan
    {
        return TablePlanner::plan(TableScenario::kind($table)->with($changes)->design(), Depth::Checks);
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array{RowCases, RowShape, TableLoads, list<PostPlace>}
     */
    private static function row(array $changes): array
    {
        $scenario = TableScenario::kind('row')->with($changes);
        $design = $scenario->design();
        self::assertInstanceOf(PileRow::class, $row = $design->table->racking);
        $shape = RowShape::of($design, $row);
        $loads = TableScenario::loadsOn($design, $shape);
        $places = TablePlanner::plan($design, Depth::Checks)->stand->places ?? [];
        assert($places !== []);

        return [new RowCases($design, $row, $shape, $places, $loads, 1.8), $shape, $loads, $places];
    }

    /** Forces at their places in the plane of a section, turned about the heads. */
    public function test_a_row_of_piles_hands_on_all_that_acts_and_nothing_more(): void
    {
        mt_srand(11);
        for ($try = 0; $try < 12; ++$try) {
            [$rows, $columns, $tilt_deg, $offset_m] = [mt_rand(1, 3), mt_rand(3, 9), mt_rand(5, 40), mt_rand(0, 30) / 100];
            [$cases, $shape, $loads, $places] = self::row([
                '/table/rows' => $rows, '/table/columns' => $columns, '/table/tilt_rad' => deg2rad($tilt_deg), '/table/racking/offset_m' => $offset_m, '/table/racking/posts' => mt_rand(2, 4),
                '/table/racking/end_overhang_m' => mt_rand(0, 60) / 100, '/table/racking/joints' => ['none', 'at_posts'][mt_rand(0, 1)], '/table/racking/head_height_m' => 2.5, '/site/ground_snow_Pa' => 900.0,
                '/table/ground/along_rad' => 0.0,
            ]);
            $dead_N = $cases->dead_N();
            $told = array_values(array_filter($cases->all(), static fn (TableCase $case): bool => !$case->isAlong() && !$case->isSoft));
            $variants = intdiv(count($told), count($loads->together()));
            foreach ($loads->together() as $index => $acts) {
                [$z, $y, $turn] = [0.0, 0.0, 0.0];
                foreach ([[-0.25, $acts->lower_Pa, $acts->snowLower_Pa], [0.25, $acts->upper_Pa, $acts->snowUpper_Pa], [0.0, 0.0, 0.0]] as [$along, $wind_Pa, $snow_Pa]) {
                    $half_m2 = $along === 0.0 ? 0.0 : $shape->area_m2() / 2;
                    $at = [-$offset_m * sin($shape->tilt_rad) + $along * $shape->chord_m * cos($shape->tilt_rad), $offset_m * cos($shape->tilt_rad) + $along * $shape->chord_m * sin($shape->tilt_rad)];
                    [$push_N, $press_N] = [$wind_Pa * $half_m2 * sin($shape->tilt_rad), $wind_Pa * $half_m2 * cos($shape->tilt_rad)];
                    if ($along !== 0.0 && $acts->spans === null) {
                        $press_N += $snow_Pa * $half_m2 * cos($shape->tilt_rad);
                    }
                    $press_N += $along === 0.0 ? $acts->dead * $dead_N : 0.0;
                    [$z, $y, $turn] = [$z + $press_N, $y + $push_N, $turn + $push_N * $at[1] + $press_N * $at[0]];
                }
                if ($acts->spans !== null) {
                    continue;
                }
                for ($variant = 0; $variant < $variants; ++$variant) {
                    $posts = $told[$index * $variants + $variant]->posts;
                    $heads_Nm = array_map(static fn (array $post, PostPlace $place): float => $post[2] - $post[1] * $place->height_m, $posts, $places);
                    self::assertEqualsWithDelta([$z, abs($y), $y < 0.0 ? -$turn : $turn], [array_sum(array_column($posts, 0)), array_sum(array_column($posts, 1)), array_sum($heads_Nm)], 1e-6);
                }
            }
        }
    }

    /** Over three piles without overhangs the middle one bears five eighths; a single pile’s worth is a single post’s. */
    public function test_piles_share_as_beams_do(): void
    {
        [$cases] = self::row(['/table/columns' => 30, '/table/racking/posts' => 3, '/table/racking/end_overhang_m' => 0.0, '/table/racking/joints' => 'none', '/table/ground/along_rad' => 0.0, '/site/ground_snow_Pa' => 0.0]);
        $down = array_column($cases->all()[0]->posts, 0);
        self::assertEqualsWithDelta([0.1875, 0.625, 0.1875], array_map(static fn (float $one): float => $one / array_sum($down), $down), 0.002);
        // A pile that stands shorter takes more of a push: by the cubes of their heights, where they differ by over a tenth.
        $level = static fn (float $front_m): array => ['front_m' => $front_m, 'rear_m' => 0.0];
        [$cases, , $loads] = self::row(['/table/racking/posts' => 3, '/table/racking/joints' => 'none', '/table/racking/adjusts_m' => 0.4, '/table/ground/levels' => [$level(0.0), $level(0.4), $level(0.0)]]);
        $along = array_values(array_filter($cases->all(), static fn (TableCase $case): bool => $case->isAlong() && !$case->isSoft))[0];
        self::assertEqualsWithDelta((1.75 / 1.35) ** 3, $along->posts[1][1] / $along->posts[0][1], 1e-9);
        // Of the push across the modules too: A, four tenths shorter, takes over half where its share of the purlins is a quarter.
        [$cases, $shape, $loads] = self::row(['/table/racking/posts' => 3, '/table/racking/joints' => 'none', '/table/racking/adjusts_m' => 0.4, '/table/ground/levels' => [$level(0.4), $level(0.0), $level(0.0)]]);
        $stiff = array_map(static fn (float $height_m): float => 1 / $height_m ** 3, [1.35, 1.75, 1.75]);
        foreach ($loads->together() as $index => $acts) {
            $pushed_N = abs($acts->lower_Pa + $acts->upper_Pa) * $shape->area_m2() / 2 * sin($shape->tilt_rad);
            self::assertEqualsWithDelta($stiff[0] / array_sum($stiff) * $pushed_N, $cases->all()[$index]->posts[0][1], 1e-6);
        }
    }

    /** Purlins bear what lies on their modules, each row of which is a beam on two. */
    public function test_purlins_and_struts_are_in_equilibrium(): void
    {
        foreach ([1, 2, 3] as $rows) {
            [, $shape] = self::row(['/table/rows' => $rows]);
            $gaps_m2 = ($rows - 1) * 0.0508;
            foreach ([[700.0, 700.0], [-300.0, 900.0], [500.0, 0.0]] as [$lower_Pa, $upper_Pa]) {
                $on = $shape->onPurlins($lower_Pa, $upper_Pa);
                self::assertCount(2 * $rows, $on);
                self::assertEqualsWithDelta(($lower_Pa + $upper_Pa) * ($shape->chord_m - $gaps_m2) / 2, array_sum(array_column($on, 1)), 1e-6);
                $turn = array_sum(array_map(static fn (array $one): float => $one[0] * $one[1], $on));
                $by = 0.0;
                for ($step = 0; $step < 34036; ++$step) {
                    $s_m = ($step + 0.5) * $shape->chord_m / 34036;
                    $inRow = fmod($s_m, 1.6764 + 0.0508);
                    $by += $inRow > 1.6764 ? 0.0 : $s_m * ($s_m < $shape->chord_m / 2 ? $lower_Pa : $upper_Pa) * $shape->chord_m / 34036;
                }
                self::assertEqualsWithDelta($by, $turn, 2e-4 * abs(700 * $shape->chord_m ** 2));
                [$bent, $sheared] = $shape->strut($lower_Pa, $upper_Pa);
                foreach ([1, -1] as $side) {
                    $there = array_filter($on, static fn (array $one): bool => $side * ($one[0] - $shape->chord_m / 2) > 0);
                    self::assertLessThanOrEqual($bent + 1e-9, abs(array_sum(array_map(static fn (array $one): float => $one[1] * ($one[0] - $shape->chord_m / 2), $there))));
                    self::assertLessThanOrEqual($sheared + 1e-9, abs(array_sum(array_column($there, 1))));
                }
            }
            // 700 Pa on 1.6764 m, each purlin half of it, 0.4782 m from the middle of one row of modules.
            $one = $shape->strut(700.0, 700.0);
            self::assertTrue($rows > 1 || abs($one[0] - 700 * 1.6764 / 2 * (1.6764 / 2 - 0.36)) < 1e-6 && abs($one[1] - 700 * 1.6764 / 2) < 1e-6);
        }
    }

    public function test_a_purlin_is_bent_as_a_beam_on_its_struts(): void
    {
        $plan = self::plan('row', ['/table/columns' => 24, '/table/racking/posts' => 2, '/table/racking/end_overhang_m' => 3.0, '/table/racking/joints' => 'none', '/table/tilt_rad' => 0.0, '/site/ground_snow_Pa' => 4000.0, '/site/wind_speed_m_per_s' => 40.0]);
        [$moment, $up, $down] = [$plan->checks['table/purlin'], $plan->checks['table/purlin_up'], $plan->checks['table/module_down']];
        $width_m = $plan->face->width_m ?? 0.0;
        $span_m = $width_m - 6.0;
        // Snow rules: what presses the module of 38.3 lb, and purlins and heads of 2 lb/ft² more.
        $line = ($down->demand_si + 95.7605) * 1.6764 / 2;
        self::assertEqualsWithDelta($line * max(4.5, $span_m ** 2 / 8 - 4.5), $moment->demand_si, 0.01 * $moment->demand_si);
        self::assertGreaterThan(0.0, $up->demand_si);
        self::assertEqualsWithDelta(0.0, $plan->checks['table/purlin_along']->demand_si, 1e-9);
    }

    public function test_a_pile_or_post_out_of_plumb_is_bent_by_what_stands_on_it(): void
    {
        foreach (['row' => ['A1', 'B1'], 'post' => ['A1', null]] as $table => [$leans, $other]) {
            $built = static fn (?float $lean_rad): array => ['/table/built' => [['post' => 'A1', 'depth_m' => 2.4, 'by' => '', 'on' => null, 'lean_rad' => $lean_rad]]];
            [$plumb, $leaning] = [self::plan($table, $built(null)), self::plan($table, $built(0.05))];
            self::assertGreaterThan($plumb->checks["posts/$leans/bend"]->demand_si + 10.0, $leaning->checks["posts/$leans/bend"]->demand_si);
            self::assertTrue($other === null || abs($plumb->checks["posts/$other/bend"]->demand_si - $leaning->checks["posts/$other/bend"]->demand_si) < 1e-9);
        }
    }

    /** @return array{BallastFrames, TrayBlocks} */
    private static function trays(string $soil, float $slope_rad, float $block_kg, int $most, float $tray_m = 0.5): array
    {
        $design = TableScenario::kind('blocks')->with([
            '/table/soil/kind' => $soil, '/table/ground/across_rad' => $slope_rad, '/table/ground/along_rad' => 0.0, '/table/racking/block_kg' => $block_kg, '/table/racking/most_blocks' => $most,
            '/table/racking/tray_long_m' => $tray_m, '/table/racking/tray_wide_m' => $tray_m,
        ])->design();
        self::assertInstanceOf(BallastFrames::class, $frames = $design->table->racking);

        return [$frames, new TrayBlocks($design, $frames, new Coefficients())];
    }

    /** U 150 and H 60 lb, of which 0.6 act as 0.6 of the weight counts: W ≥ U + H/µ. On sand µ is 0.25: 390 lb in blocks of ten, on clay half of what presses holds. */
    public function test_blocks_weigh_what_the_formula_asks(): void
    {
        $lb = 4.4482216152605;
        [, $trays] = self::trays('sand', 0.0, 4.5359237, 60);
        $case = new TableCase('table_combination.06d_w', 'open_wind.0_b_clear', '', false, [[-45 * $lb, 18 * $lb, 0.0], [-45 * $lb, 18 * $lb, 0.0]]);
        self::assertSame([19, 20], $trays->least([$case], 0, 1));
        [, $clay] = self::trays('clay', 0.0, 4.5359237, 60);
        self::assertSame(27, array_sum($clay->least([$case], 0, 1)));
    }

    public function test_no_fewer_blocks_hold_a_frame(): void
    {
        mt_srand(7);
        for ($try = 0; $try < 60; ++$try) {
            $soil = ['gravel', 'sand', 'clay'][mt_rand(0, 2)];
            $slope_rad = mt_rand(0, 6) / 100;
            [$frames, $trays] = self::trays($soil, $slope_rad, 20.0, 9, $soil === 'clay' ? 0.1 : 0.5);
            $cases = array_map(static fn (): TableCase => new TableCase('table_combination.06d_w', '', '', false, [[(float) mt_rand(-500, 200), $push_N = (float) mt_rand(0, 80), 0.0], [(float) mt_rand(-500, 200), $push_N, 0.0]]), range(1, 3));
            $places = array_map(static fn (string $id): PostPlace => new PostPlace($id, $id === 'A2', 0.0, 0.0, 0.0, 0.0, null, ''), ['A1', 'A2']);
            $holds = static function (int $front, int $rear) use ($cases, $soil, $slope_rad, $frames): bool {
                foreach ($cases as $case) {
                    $down_N = $case->posts[0][0] + $case->posts[1][0] + 0.6 * ($front + $rear) * 20.0 * 9.80665;
                    $grips_N = $soil === 'clay' ? min(130 * 47.880258980336 * 2 * $frames->trayLong->toMetres() * $frames->trayWide->toMetres(), $down_N / 2) : ($soil === 'sand' ? 0.25 : 0.35) * $down_N;
                    if (-$case->posts[0][0] > 0.6 * $front * 20.0 * 9.80665 || -$case->posts[1][0] > 0.6 * $rear * 20.0 * 9.80665 || $case->posts[0][1] + $case->posts[1][1] + tan($slope_rad) * $down_N > $grips_N) {
                        return false;
                    }
                }

                return true;
            };
            $fewest = null;
            for ($front = 0; $front <= 9; ++$front) {
                for ($rear = 0; $rear <= 9; ++$rear) {
                    $fewest = $holds($front, $rear) ? min($fewest ?? 99, $front + $rear) : $fewest;
                }
            }
            $blocks = $trays->least($cases, 0, 1);
            $checked = array_filter($trays->checks($cases, [$places[0], $places[1]], [0, 1], $blocks), static fn (TableCheck $check): bool => $check->ratio > 1 + 1e-9);
            self::assertSame($fewest !== null, $checked === []);
            self::assertSame($fewest ?? array_sum($blocks), array_sum($blocks));
        }
    }

    public function test_what_lies_on_the_ground_is_not_dug_for(): void
    {
        $plan = self::plan('blocks', ['/table/soil/frost_prone' => 'yes', '/table/built' => [['post' => 'A1', 'depth_m' => 1.0, 'by' => '', 'on' => null]]]);
        $codes = array_map(static fn ($finding): string => $finding->code->value, $plan->findings);
        self::assertSame([], array_intersect(['services_unmarked', 'frost_heave', 'hole_on_line'], $codes));
        self::assertContains('built_unknown', $codes);
        // End frames bear half, and need about half; what is counted is what is brought and laid.
        $blocks = array_map(static fn ($post): int => (int) $post->blocks, $plan->posts);
        self::assertSame([$blocks[0], $blocks[1]], [$blocks[6], $blocks[5]]);
        self::assertEqualsWithDelta(0.5, ($blocks[0] + $blocks[7]) / ($blocks[1] + $blocks[8]), 0.05);
        $counts = array_column($plan->materials(), 'count', 'item');
        self::assertSame([array_sum($blocks), 14], [$counts['ballast'], $counts['tray']]);
        self::assertSame(array_sum($blocks), array_column($plan->steps(), 'values', 'code')['table_blocks']['all']);
        // Heavier blocks are never more; two modules stand on two frames that are alike.
        self::assertLessThan(array_sum($blocks), array_sum(array_map(static fn ($post): int => (int) $post->blocks, self::plan('blocks', ['/table/racking/block_kg' => 20.0])->posts)));
        self::assertContains('table_blocks_alike', array_column(self::plan('blocks', ['/table/columns' => 1])->steps(), 'code'));
    }

    /** 4 in under 3.3 by 2 m and a foot past them: 1.1 · 0.1016 · 3.9 · 2.6 m³ and so on, in halves of a yard. */
    public function test_gravel_is_brought_for_all_of_the_table_and_laid_in_its_turn(): void
    {
        foreach (['blocks' => 'table_bed', 'row' => 'table_services'] as $table => $first) {
            [$bare, $plan] = [self::plan($table), self::plan($table, ['/table/bed' => ['thick_m' => 0.1016, 'past_m' => 0.3048]])];
            $face = $plan->face;
            self::assertNotNull($face);
            $yards = 1.1 * 0.1016 * ($face->width_m + 0.6096) * ($face->chord_m * cos($face->tilt_rad) + 0.6096) / 0.9144 ** 3;
            $gravel = array_values(array_filter($plan->materials(), static fn (array $one): bool => $one['item'] === 'gravel'));
            self::assertMatchesRegularExpression('/^Gravel, 4 in deep: \d+\.[05] yd³$/', $gravel[0]['name']);
            $told = (float) substr($gravel[0]['name'], strlen('Gravel, 4 in deep: '));
            self::assertTrue($told >= $yards && $told < $yards + 0.5);
            $codes = array_column($plan->steps(), 'code');
            self::assertSame([$first, count($bare->steps()) + 1], [$codes[0], count($codes)]);
            self::assertTrue($table === 'blocks' || $codes[array_search('table_bed', $codes, true) + 1] === 'table_modules');
            self::assertSame($bare->leastReserve(), $plan->leastReserve());
        }
        // Nothing is brought for what does not stand.
        self::assertSame([], self::plan('blocks', ['/table/racking/most_blocks' => 1, '/table/bed' => ['thick_m' => 0.1, 'past_m' => 0.0]])->materials());
    }
}
