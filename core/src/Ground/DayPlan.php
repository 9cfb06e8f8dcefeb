<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Built\CrewDays;

/**
 * The steps of a table on the days of a crew: each after the one before, its minutes shared by all hands. A hole is dug, its post set and
 * poured on one day, so that none stays open overnight; concrete and resin wait their time; no pour and no resin in rain, no modules in
 * gusts over the limit.
 *
 * Source: common practice, no source; minutes are the company's own.
 */
final readonly class DayPlan
{
    /** Steps that belong to one hole, and are done post by post. */
    private const AT_HOLE = '/^table_(holes|inspected|set_\w+|pour|pit|anchors|spike_holes|resin)$/';

    /**
     * @param list<array{on: string, code: string, done: int, of: int, minutes: float, kept_from: string}> $tasks By day; nothing done where weather keeps from it: rain or gusts, else empty
     * @param list<array{code: string, days: int, from: string, until: string}> $waits From the day of the last work, until that of the next
     */
    private function __construct(public array $tasks, public array $waits, public float $hours)
    {
    }

    /**
     * @param list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> $steps
     *
     * @return self|null Null without a first day, or without anything to do
     */
    public static function of(?CrewDays $work, array $steps): ?self
    {
        $first = $work?->from === null ? false : \DateTimeImmutable::createFromFormat('!Y-m-d', $work->from);
        // The thirtieth of February would be taken for a day of March.
        if ($work === null || $first === false || $first->format('Y-m-d') !== $work->from || $steps === []) {
            return null;
        }
        $capacity = $work->people * 60 * $work->dailyHours;
        [$day, $left, $minutes, $done, $waits] = [self::workday($first, $work), $capacity, 0.0, [], []];
        foreach (self::tasks($work, $steps) as $task) {
            if ($task->waitDays > 0) {
                $from = $day->format('Y-m-d');
                [$day, $left] = [self::workday($day->modify("+{$task->waitDays} days"), $work), $capacity];
                $waits[] = ['code' => $task->code, 'days' => $task->waitDays, 'from' => $from, 'until' => $day->format('Y-m-d')];
            }
            for ($units = 0; $units < $task->units;) {
                $kept = self::keptFrom($work, $day, $task->forbids);
                // What is begun is finished on its day: where one alone takes longer than a day has, the day is longer.
                $fits = (int) min(
                    $task->units - $units,
                    max($left >= $capacity - 1e-9 ? 1 : 0, $task->minutes > 0.0 ? floor($left / $task->minutes + 1e-9) : $task->units),
                );
                $fits = $kept === '' ? $fits : 0;
                if ($fits > 0 || $kept !== '') {
                    $done[] = [
                        'on' => $day->format('Y-m-d'), 'code' => $task->code, 'done' => $fits, 'of' => $task->units, 'minutes' => $fits * $task->minutes,
                        'kept_from' => $kept,
                    ];
                }
                $units += $fits;
                $left = max(0.0, $left - $fits * $task->minutes);
                $minutes += $fits * $task->minutes;
                if ($units < $task->units) {
                    [$day, $left] = [self::workday($day->modify('+1 day'), $work), $capacity];
                }
            }
        }

        return new self($done, $waits, $minutes / 60);
    }

    /** @return list<string> Days on which something is done, or weather keeps from it */
    public function days(): array
    {
        return array_values(array_unique(array_column($this->tasks, 'on')));
    }

    /**
     * @param list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> $steps
     *
     * @return list<DayTask>
     */
    private static function tasks(CrewDays $work, array $steps): array
    {
        $tasks = [];
        $hole = null;
        foreach ($steps as $step) {
            if (preg_match(self::AT_HOLE, $step['code']) === 1) {
                $hole ??= count($tasks);
                $tasks[$hole] ??= new DayTask($step['code'], self::number($step, 'posts'), 0.0);
                $forbids = preg_match('/pour|anchors|resin/', $step['code']) === 1 ? 'rain' : '';
                $tasks[$hole] = $tasks[$hole]->with(self::atHole_min($work, $step, $tasks[$hole]->units), $forbids);
                continue;
            }
            $tasks[] = self::task($work, $step);
        }

        return array_values(array_filter($tasks));
    }

    /** @param array{code: string, values: array<string, float|int|string>, cautions: list<string>} $step */
    private static function task(CrewDays $work, array $step): ?DayTask
    {
        $code = $step['code'];

        return match ($code) {
            'table_stakes', 'table_stakes_in_line', 'table_stake' => new DayTask($code, self::number($step, 'posts'), $work->stakeMinutes),
            'table_string_frames' => new DayTask($code, self::number($step, 'frames'), $work->stakeMinutes),
            'table_square' => new DayTask($code, 1, $work->squareMinutes),
            'table_drive' => new DayTask($code, self::number($step, 'posts'), $work->setMinutes),
            'table_wait' => new DayTask($code, 0, 0.0, (int) ceil(Curing::days(max(1.0, $work->air->toCelsius())) ?? 0.0)),
            'table_resin_wait' => new DayTask($code, 0, 0.0, (int) ceil(self::number($step, 'hours') / 24)),
            'table_bed' => new DayTask($code, 1, 3 * $work->memberMinutes),
            'table_trays' => new DayTask($code, self::number($step, 'posts'), $work->stakeMinutes),
            'table_blocks', 'table_blocks_alike' => new DayTask($code, self::number($step, 'all'), $work->memberMinutes / 10),
            'table_ballast' => new DayTask($code, 1, 2 * $work->memberMinutes),
            'table_braces' => new DayTask($code, self::number($step, 'braces'), $work->memberMinutes / 2),
            'table_row_purlins' => new DayTask($code, self::number($step, 'purlins'), $work->memberMinutes),
            'table_heads' => new DayTask($code, self::number($step, 'posts'), $work->memberMinutes / 2),
            'table_pipes', 'table_purlins', 'table_girders' => new DayTask($code, 2, $work->memberMinutes),
            'table_rails', 'table_struts' => new DayTask($code, self::number($step, 'rails'), $work->memberMinutes),
            'table_mast', 'table_top_cut', 'table_frame' => new DayTask($code, 1, $work->memberMinutes),
            'table_modules' => new DayTask($code, self::number($step, 'modules'), $work->moduleMinutes, 0, 'gusts'),
            default => null,
        };
    }

    /** @param array{code: string, values: array<string, float|int|string>, cautions: list<string>} $step */
    private static function atHole_min(CrewDays $work, array $step, int $posts): float
    {
        return match ($step['code']) {
            'table_holes', 'table_pit', 'table_spike_holes' => $work->holeMinutes,
            'table_pour' => $work->bagMinutes * self::number($step, 'all') / $posts,
            'table_anchors' => $work->setMinutes + $work->bagMinutes * self::number($step, 'bags') / $posts,
            'table_inspected' => 0.0,
            default => $work->setMinutes,
        };
    }

    /**
     * One where a step does not say how many.
     *
     * @param array{code: string, values: array<string, float|int|string>, cautions: list<string>} $step
     */
    private static function number(array $step, string $key): int
    {
        return max(1, (int) ($step['values'][$key] ?? 1));
    }

    private static function workday(\DateTimeImmutable $day, CrewDays $work): \DateTimeImmutable
    {
        while (!$work->weekends && (int) $day->format('N') > 5) {
            $day = $day->modify('+1 day');
        }

        return $day;
    }

    /** @return string Rain or gusts where the weather of the day forbids it, as far as somebody read it; empty else */
    private static function keptFrom(CrewDays $work, \DateTimeImmutable $day, string $forbids): string
    {
        foreach ($work->forecast as $forecast) {
            $isThen = $forecast->on === $day->format('Y-m-d');
            if ($isThen && (($forbids === 'rain' && $forecast->rain) || ($forbids === 'gusts' && $forecast->gust->toSi() > $work->gustLimit->toSi()))) {
                return $forbids;
            }
        }

        return '';
    }
}
