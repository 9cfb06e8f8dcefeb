<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Message\Summary;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Sun\TiltYield;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Tables that are tilted by season: judged at every tilt of their list, on the same posts. */
final class SeasonsTest extends TestCase
{
    /**
     * @param list<float> $tilts_deg
     * @param array<string, mixed> $changes
     */
    private static function plan(string $table, array $tilts_deg, array $changes = []): TablePlan
    {
        $seasons = array_map(static fn (float $tilt_deg, int $nth): array => ['from' => sprintf('%02d-15', 2 + 3 * $nth), 'tilt_rad' => deg2rad($tilt_deg)], $tilts_deg, array_keys($tilts_deg));

        return TablePlanner::plan(($table === '' ? TableScenario::of() : TableScenario::kind($table))->with(['/table/seasons' => $seasons] + $changes)->design(), Depth::Checks);
    }

    /** A table at other tilts is the worst of tables that stand at each of them. */
    #[TestWith([''])]
    #[TestWith(['timber'])]
    #[TestWith(['piles'])]
    #[TestWith(['post'])]
    #[TestWith(['row'])]
    #[TestWith(['spikes'])]
    #[TestWith(['blocks'])]
    public function test_every_tilt_is_judged_and_all_stand_on_the_same_posts(string $table): void
    {
        $tilts_deg = [round(rad2deg(self::plan($table, [])->face->tilt_rad ?? 0.0), 6), 10.0, 35.0];
        // So weak in the wind that the ground decides, and high enough to be tilted.
        $changes = ['/site/ground_snow_Pa' => 1500.0] + ($table === '' || $table === 'timber' || $table === 'piles' ? ['/table/racking/front_height_m' => 0.8] : []) + ($table === 'blocks' ? ['/table/racking/most_blocks' => 60] : []);
        $alone = array_map(static fn (float $tilt_deg): TablePlan => self::plan($table, [], ['/table/tilt_rad' => deg2rad($tilt_deg)] + $changes), $tilts_deg);
        $all = self::plan($table, [10.0, 35.0], $changes);
        $depths_m = array_map(static fn (TablePlan $plan): float => $plan->stand->depth_m ?? 0.0, $alone);
        self::assertGreaterThanOrEqual(max($depths_m), $all->stand->depth_m ?? 0.0);
        self::assertSame(array_filter($alone, static fn (TablePlan $plan): bool => $plan->posts === []) === [], $all->posts !== []);
        foreach ($all->checks as $path => $check) {
            $worst = max(array_map(static fn (TablePlan $plan): float => $plan->checks[$path]->ratio, $alone));
            if (max($depths_m) === min($depths_m) && $all->stand?->depth_m === $depths_m[0] && $table !== 'blocks') {
                self::assertEqualsWithDelta($worst, $check->ratio, 1e-9, $path);
            }
            if ($check->place === '' && $check->what !== 'beam') {
                self::assertEqualsWithDelta($worst, $check->ratio, 1e-9, $path);
            }
        }
        foreach ($all->posts as $place => $post) {
            self::assertGreaterThanOrEqual(max(array_map(static fn (TablePlan $plan): int => $plan->posts[$place]->blocks ?? 0, $alone)), $post->blocks ?? 0);
        }
        // Tilted, the modules lie as far over the first post's head as they do planned.
        [$stand, $over_m] = [$all->stand, static fn (float $tilt_rad, float $y_m, float $z_m): float => $z_m * cos($tilt_rad) - $y_m * sin($tilt_rad)];
        self::assertNotNull($stand);
        [$y_m, $z_m] = [$stand->places[0]->y_m, $stand->places[0]->ground_m + $stand->places[0]->height_m - $stand->side->lowEdge_m];
        self::assertSame([10.0, 35.0], array_map(static fn (array $season): float => round(rad2deg($season['tilt_rad']), 6), $stand->seasons));
        foreach (in_array($table, ['spikes', 'blocks'], true) ? [] : $stand->seasons as $season) {
            self::assertEqualsWithDelta($over_m($all->face->tilt_rad ?? 0.0, $y_m, $z_m), $over_m($season['tilt_rad'], $y_m - $season['y_m'], $z_m - $season['z_m']), 1e-9);
        }
        // What decides at another tilt says so, and where its wind comes from.
        $told = array_filter($all->checks, static fn ($check): bool => isset($check->values['tilt_rad']));
        self::assertNotSame([], $told);
        foreach (array_keys($told) as $path) {
            $from = $all->figures->at($path)->from ?? [];
            self::assertCount(1, preg_grep('~^/table/seasons/[01]/tilt_rad$~', $from) ?: []);
            self::assertNotContains('/table/tilt_rad', $from);
            self::assertMatchesRegularExpression('/tilted (10|35)\.00°/', Summary::because($all, Becauses::of($all, $path)));
        }
        self::assertCount($all->posts === [] ? 0 : 2, array_filter($all->steps(), static fn (array $step): bool => str_starts_with($step['code'], 'table_season')));
    }

    public function test_posts_go_as_deep_as_the_deepest_tilt_asks_and_no_deeper(): void
    {
        $changes = ['/table/racking/front_height_m' => 0.8, '/table/tilt_rad' => deg2rad(15), '/site/ground_snow_Pa' => 0.0];
        [$flat, $steep] = [self::plan('', [], $changes), self::plan('', [], ['/table/tilt_rad' => deg2rad(30)] + $changes)];
        self::assertLessThan($steep->stand?->depth_m, $flat->stand?->depth_m);
        $both = self::plan('', [30.0], $changes);
        self::assertSame([$steep->stand?->depth_m, $steep->posts[0]->depth_m], [$both->stand?->depth_m, $both->posts[0]->depth_m]);
        // The cut is that of the tilt at which it is built.
        self::assertEqualsWithDelta(($both->posts[0]->cut_m ?? 0.0) - ($flat->posts[0]->cut_m ?? 0.0), $both->posts[0]->depth_m - $flat->posts[0]->depth_m, 1e-9);
        $steps = array_column($both->steps(), 'values', 'code');
        self::assertEqualsWithDelta(($both->face === null ? 0.0 : $both->setOut->apart_m ?? 0.0) * tan(deg2rad(30)), $steps['table_season_rise']['rise_m'], 1e-9);
        // The same tilt twice, and the planned one, are nothing new.
        self::assertSame(self::plan('', [30.0, 30.0, 15.0], $changes)->leastReserve(), $both->leastReserve());
    }

    public function test_what_is_wrong_at_another_tilt_is_told_there(): void
    {
        $at = static fn (TablePlan $plan, string $code): array => array_values(array_map(static fn ($finding): string => $finding->at, array_filter($plan->findings, static fn ($finding): bool => $finding->code->value === $code)));
        self::assertSame(['/table/seasons/1/tilt_rad'], $at(self::plan('', [30.0, 50.0], ['/table/racking/front_height_m' => 1.2]), 'table_steep_held'));
        self::assertSame(['/table/seasons/0/tilt_rad'], $at(self::plan('row', [61.0]), 'table_steep'));
        self::assertSame(['/table/seasons/0/tilt_rad'], $at(self::plan('row', [58.0]), 'post_under_ground'));
        self::assertSame(['/table/seasons/1/tilt_rad'], $at(self::plan('pole', [44.0, 46.0]), 'season_over_steepest'));
        self::assertSame(['/table/seasons'], $at(self::plan('pole', [44.0]), 'seasons_by_kit'));
        self::assertSame(['/table/seasons/0/tilt_rad'], $at(self::plan('', [36.0], ['/table/racking/front_height_m' => 2.2, '/table/tilt_rad' => deg2rad(10)]), 'table_slenderness'));
        foreach ([['02-30', '05-01'], ['05-01', '05-01']] as $days) {
            $plan = TablePlanner::plan(TableScenario::of()->with(['/table/seasons' => array_map(static fn (string $day): array => ['from' => $day, 'tilt_rad' => 0.4], $days)])->design(), Depth::Checks);
            self::assertCount(1, $at($plan, 'season_day'));
            foreach ($plan->findings as $finding) {
                self::assertDoesNotMatchRegularExpression('/[{}]/', Texts::of($plan->design)->finding($finding));
            }
        }
        // A part on which nothing acts together tells its tilt too.
        $weak = self::plan('', [5.0], ['/table/racking/holds/rail_moment_Nm' => 30.0]);
        $fails = array_values(array_filter($weak->findings, static fn ($finding): bool => $finding->code->value === 'table_part_fails' && $finding->at === '/table/racking/holds/rail_moment_Nm'));
        self::assertMatchesRegularExpression('/tilted (5|30)\.00°|fails/', Texts::of($weak->design)->finding($fails[0]));
    }

    public function test_what_days_keep_is_what_months_keep_where_they_begin_with_them(): void
    {
        $yield = new TiltYield(40.0, 180.0, array_fill(0, 12, 0.5));
        $seasons = [['from' => 3, 'tilt_deg' => 15], ['from' => 9, 'tilt_deg' => 54]];
        $byDays = [['day' => 90, 'tilt_deg' => 15], ['day' => 273, 'tilt_deg' => 54]];
        self::assertEqualsWithDelta($yield->keepsBySeasons($seasons), $yield->keepsByDays($byDays), 1e-12);
        self::assertEqualsWithDelta($yield->keeps(33), $yield->keepsByDays([['day' => 200, 'tilt_deg' => 33]]), 1e-12);
        // Half of April at either tilt lies half way.
        $late = $yield->keepsByDays([['day' => 105, 'tilt_deg' => 15], ['day' => 273, 'tilt_deg' => 54]]);
        $may = $yield->keepsBySeasons([['from' => 4, 'tilt_deg' => 15], ['from' => 9, 'tilt_deg' => 54]]);
        self::assertEqualsWithDelta(($yield->keepsBySeasons($seasons) + $may) / 2, $late, 1e-12);
    }
}
