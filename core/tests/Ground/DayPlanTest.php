<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Typical;
use Garnetine\Core\Ground\DayPlan;
use Garnetine\Core\Message\DayTexts;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\KindBeside;
use Garnetine\Core\Plan\TableChooser;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The work on a table put on the days of its crew. */
final class DayPlanTest extends TestCase
{
    /** @param array<string, mixed> $work */
    private static function plan(array $work = [], string $kind = ''): TablePlan
    {
        $scenario = $kind === '' ? TableScenario::of()->with(['/table/racking/posts' => 3]) : TableScenario::kind($kind);

        return TablePlanner::plan($scenario->with(['/table/crew' => $work + ['from' => '2026-06-08'] + Typical::entry('/table/crew', [])])->design(), Depth::Checks);
    }

    /** @return list<string> Each as day, task and how much of it */
    private static function told(TablePlan $plan): array
    {
        return array_map(static fn (array $task): string => substr($task['on'], 5)." {$task['code']} {$task['done']}/{$task['of']}{$task['kept_from']}", $plan->days()->tasks ?? []);
    }

    public function test_steps_follow_each_other_and_concrete_has_its_days(): void
    {
        // 6 posts, 3 people for 8 hours: 60 minutes of stakes and 45 of squaring leave 1,335; a hole takes 40 + 25 + 6 a bag.
        $plan = self::plan();
        $bags = array_sum(array_map(static fn ($post): float => $post->bags ?? 0.0, $plan->posts));
        $each = 65 + 6 * ceil($bags - 1e-9) / 6;
        self::assertTrue($each > 60 && 6 * $each <= 1335);
        // At 15 °C three quarters of its strength take 14 days, 8.28 at 23 °C over e^−0.469; at 16 °C 13, to a Sunday.
        self::assertSame([
            '06-08 table_stakes 6/6', '06-08 table_square 1/1', '06-08 table_holes 6/6', '06-22 table_pipes 2/2', '06-22 table_rails 8/8', '06-22 table_modules 8/8',
        ], self::told($plan));
        self::assertSame([['code' => 'table_wait', 'days' => 14, 'from' => '2026-06-08', 'until' => '2026-06-22']], $plan->days()?->waits);
        self::assertEqualsWithDelta((60 + 45 + 6 * $each + 40 + 160 + 96) / 60, $plan->days()->hours, 1e-9);
        self::assertSame(['Mon 2026-06-08', 'Mon 2026-06-22'], array_column(DayTexts::of($plan), 'on'));
        self::assertSame('holes dug, inspected, their posts set and poured, 6 of 6', DayTexts::of($plan)[0]['says'][2]);
        self::assertSame(['2026-06-22', '2026-06-21'], array_map(static fn (bool $weekends): ?string => self::plan(['air_celsius' => 16.0, 'weekends' => $weekends])->days()?->waits[0]['until'], [false, true]));
    }

    public function test_days_that_stood_under_another_name_are_the_same(): void
    {
        $now = (string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/harrow-end.json');
        // The name that it had before, of the days in its table and in what was typed there.
        $before = (string) preg_replace(['~"crew":~', '~(?<=/timber/)crew(?=/)~'], ['"work":', 'work'], $now);
        self::assertNotSame($now, $before);
        self::assertSame($now, DesignFile::write(DesignFile::read($before)));
    }

    public function test_no_hole_stays_open_overnight(): void
    {
        // One person: the stakes leave 375 minutes of the first day, and of each later one 480 hold whole posts only.
        $plan = self::plan(['people' => 1, 'bag_minutes' => 5.0]);
        $each = 65 + 5 * ceil(array_sum(array_map(static fn ($post): float => $post->bags ?? 0.0, $plan->posts)) - 1e-9) / 6;
        $aDay = (int) floor(480 / $each);
        $holes = array_values(array_filter($plan->days()->tasks ?? [], static fn (array $task): bool => $task['code'] === 'table_holes'));
        self::assertSame([(int) floor(375 / $each), min($aDay, 6 - (int) floor(375 / $each))], array_column(array_slice($holes, 0, 2), 'done'));
        self::assertSame(6, array_sum(array_column($holes, 'done')));
        // A quarter of an hour is left of a short day: none is begun.
        $short = self::plan(['people' => 1, 'daily_hours' => 2.0, 'hole_minutes' => 10.0, 'set_minutes' => 10.0, 'bag_minutes' => 1.0]);
        self::assertSame(['06-08 table_stakes 6/6', '06-08 table_square 1/1', '06-09 table_holes'], array_map(static fn (string $one): string => str_contains($one, 'holes') ? substr($one, 0, 17) : $one, array_slice(self::told($short), 0, 3)));
        // One that takes longer than a day is a day of its own, and not none.
        $long = self::plan(['people' => 1, 'hole_minutes' => 600.0]);
        self::assertSame([1, 1, 1, 1, 1, 1], array_column(array_values(array_filter($long->days()->tasks ?? [], static fn (array $task): bool => $task['code'] === 'table_holes')), 'done'));
        self::assertSame([], array_filter($long->days()->tasks ?? [], static fn (array $task): bool => in_array(gmdate('N', (int) strtotime("{$task['on']} UTC")), ['6', '7'], true)));
    }

    public function test_weather_keeps_from_what_it_harms_alone(): void
    {
        $storm = static fn (string $on, bool $rain, float $gust): array => ['on' => $on, 'rain' => $rain, 'gust_m_per_s' => $gust];
        // Rain on the first day, none on the second; on the day of the modules rain, and gusts at the limit.
        $wet = self::plan(['forecast' => [$storm('2026-06-08', true, 0.0), $storm('2026-06-23', true, 8.9408)]]);
        self::assertSame(['06-08 table_stakes 6/6', '06-08 table_square 1/1', '06-08 table_holes 0/6rain', '06-09 table_holes 6/6', '06-23 table_pipes 2/2', '06-23 table_rails 8/8', '06-23 table_modules 8/8'], self::told($wet));
        $windy = self::plan(['forecast' => [$storm('2026-06-22', false, 8.95)]]);
        self::assertSame(['06-22 table_modules 0/8gusts', '06-23 table_modules 8/8'], array_slice(self::told($windy), -2));
        self::assertContains('gusts over the limit: no modules', DayTexts::of($windy)[1]['says']);
    }

    /** @param list<string> $codes */
    #[TestWith(['spikes', ['table_string_frames', 'table_spike_holes', 'table_modules'], 1])]
    #[TestWith(['piles', ['table_stakes', 'table_square', 'table_drive', 'table_purlins', 'table_rails', 'table_modules'], 0])]
    #[TestWith(['pole', ['table_stake', 'table_pit', 'table_mast', 'table_modules'], 14])]
    #[TestWith(['post', ['table_stake', 'table_holes', 'table_top_cut', 'table_frame', 'table_modules'], 14])]
    #[TestWith(['timber', ['table_stakes', 'table_square', 'table_holes', 'table_girders', 'table_struts', 'table_modules'], 14])]
    public function test_each_kind_has_its_own_work_and_wait(string $kind, array $codes, int $wait): void
    {
        $plan = self::plan([], $kind);
        self::assertSame($codes, array_values(array_unique(array_column($plan->days()->tasks ?? [], 'code'))));
        self::assertSame($wait, array_sum(array_column($plan->days()->waits ?? [], 'days')));
        foreach ([...$codes, ...array_column($plan->days()->waits ?? [], 'code')] as $code) {
            self::assertTrue(Texts::of($plan->design)->has("bar.$code"), $code);
        }
    }

    public function test_kinds_are_told_beside_each_other_with_their_hours(): void
    {
        $hours = array_map(static fn (KindBeside $one): ?float => $one->plan?->hours(), array_column(TableChooser::of(self::plan()->design), null, 'kind'));
        self::assertEqualsWithDelta(self::plan()->days()?->hours, $hours['pipe_table'], 1e-9);
        self::assertGreaterThan(0.0, $hours['pole']);
        // What does not stand takes no time, and nothing is told where nobody said how long things take.
        self::assertNull($hours['spike_frames']);
        self::assertNull(array_column(TableChooser::of(TableScenario::of()->design()), null, 'kind')['pipe_table']->plan?->hours());
    }

    public function test_without_a_first_day_nothing_is_planned(): void
    {
        self::assertNull(self::plan(['from' => null])->days());
        self::assertNull(self::plan(['from' => '2026-02-30'])->days());
        self::assertNull(DayPlan::of(null, self::plan()->steps()));
        self::assertNull(DayPlan::of(self::plan()->design->table->crew, []));
    }
}
