<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Ground\LevelGrid;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\LevelsFromGrid;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Levels of a field out of a file, and at the posts of a table. */
final class LevelGridTest extends TestCase
{
    /**
     * @param \Closure(float, float): float $level
     * @param list<float> $easts
     * @param list<float> $norths
     */
    private static function file(\Closure $level, array $easts, array $norths): string
    {
        $rows = ['north_m,level_m,east_m'];
        foreach ($norths as $north) {
            foreach ($easts as $east) {
                $rows[] = implode(',', [$north, sprintf('%.6F', $level($east, $north)), $east]);
            }
        }

        return implode("\n", [$rows[0], ...array_reverse(array_slice($rows, 1))]);
    }

    private static function plan(string $kind = ''): TablePlan
    {
        return TablePlanner::plan(($kind === '' ? TableScenario::of() : TableScenario::kind($kind))->with(['/table/bearing_rad' => 2.9, '/table/place' => ['east_m' => 20.0, 'north_m' => 30.0]])->design(), Depth::Checks);
    }

    public function test_between_its_lines_a_level_is_even_each_way_and_beyond_there_is_none(): void
    {
        $level = static fn (float $east, float $north): float => 2.0 + 0.1 * $east - 0.05 * $north + 0.01 * $east * $north;
        $grid = LevelGrid::read(self::file($level, [0.0, 4.0, 10.0], [-3.0, 2.0, 5.0]), '/x');
        foreach ([[0.0, -3.0], [10.0, 5.0], [4.0, 2.0], [1.3, 4.9], [7.7, -2.2]] as [$east, $north]) {
            self::assertEqualsWithDelta($level($east, $north), $grid->at_m($east, $north), 1e-6);
        }
        foreach ([[-0.01, 0.0], [10.01, 0.0], [5.0, 5.01], [5.0, -3.01]] as [$east, $north]) {
            self::assertNull($grid->at_m($east, $north));
        }
        // By hand: a quarter of the way along a cell whose corners are 0, 8 and 4, 16.
        $cell = LevelGrid::read("east_ft,north_ft,level_in\n0,0,0\n10,0,8\n0,10,4\n10,10,16", '/x');
        self::assertEqualsWithDelta(0.0254 * ((0 * 0.75 + 8 * 0.25) * 0.5 + (4 * 0.75 + 16 * 0.25) * 0.5), $cell->at_m(2.5 * 0.3048, 5 * 0.3048), 1e-9);
    }

    public function test_posts_take_the_level_under_them_over_the_first(): void
    {
        $slope = static fn (float $east, float $north): float => 100.0 + 0.08 * $east + 0.03 * $north;
        $plan = self::plan();
        $levels = LevelsFromGrid::of($plan, self::file($slope, [0.0, 25.0, 60.0], [0.0, 28.0, 70.0]), '/x');
        $posts = $plan->inField()->posts ?? [];
        self::assertSame(['A', 'B', 'C', 'D'], array_map(static fn (string $post): string => $post[0], array_slice(array_keys($posts), 0, 4)));
        foreach ($levels as $column => $level) {
            $letter = chr(65 + $column);
            self::assertEqualsWithDelta([$slope(...$posts["{$letter}1"]) - $slope(...$posts['A1']), $slope(...$posts["{$letter}2"]) - $slope(...$posts['A1'])], [$level['front_m'], $level['rear_m']], 1e-4);
        }
        self::assertEqualsWithDelta(0.0, $levels[0]['front_m'], 1e-12);
        // And the table takes them.
        $stands = TablePlanner::plan(TableScenario::of()->with(['/table/ground/levels' => $levels])->design(), Depth::Checks);
        self::assertEqualsWithDelta($levels[3]['rear_m'], array_column($stands->stand->places ?? [], 'ground_m', 'id')['D2'], 1e-9);
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        $good = "east_m,north_m,level_m\n0,0,1\n60,0,1\n0,70,1\n60,70,1";
        yield 'no unit' => ["east,north,level\n0,0,1", 'expected a unit for east in line 2, or in the name of its column, found "0"'];
        yield 'a column is missing' => ["east_m,north_m\n0,0", 'expected columns east and north and level, with their unit, in the first row'];
        yield 'no number' => ["east_m,north_m,level_m\n0,0,high", 'expected a number for level in line 2, found "high"'];
        yield 'one line' => ["east_m,north_m,level_m\n0,0,1\n5,0,1\n9,0.01,1", 'found all in one line'];
        yield 'nothing' => ['east_m,north_m,level_m', 'found none'];
        yield 'a crossing without' => ["east_m,north_m,level_m\n0,0,1\n5,0,1\n0,5,1", 'expected a level at every crossing of its lines, found none at 5.00 m east, 5.00 m north'];
        yield 'a crossing twice' => ["$good\n60,70.01,2", 'found 60.00 m east, 70.01 m north again in line 6'];
        yield 'too much' => [$good.str_repeat(' ', LevelGrid::MOST_BYTES), 'expected a file of at most 1 MB'];
        yield 'it does not reach' => [str_replace('60', '22', $good), 'expected levels that reach every post, found none at post'];
        yield 'many' => ["east_m,north_m,level_m\n".implode("\n", array_map(static fn (int $line): string => "$line,0,1", range(0, 10_001))), 'expected at most 10000 levels, found more by line 10002'];
    }

    #[DataProvider('broken')]
    public function test_what_is_no_grid_over_the_table_is_refused_at_its_line(string $text, string $says): void
    {
        $this->expectException(DocumentInvalid::class);
        $this->expectExceptionMessage($says);
        LevelsFromGrid::of(self::plan(), $text, '/x');
    }

    public function test_a_table_without_a_place_or_two_rows_takes_none(): void
    {
        $good = "east_m,north_m,level_m\n0,0,1\n60,0,1\n0,70,1\n60,70,1";
        foreach ([[TablePlanner::plan(TableScenario::of()->design(), Depth::Checks), 'its place in the field'], [self::plan('pole'), 'posts in two rows']] as [$plan, $says]) {
            try {
                LevelsFromGrid::of($plan, $good, '/x');
                self::fail($says);
            } catch (DocumentInvalid $invalid) {
                self::assertStringContainsString($says, $invalid->getMessage());
            }
        }
    }
}
