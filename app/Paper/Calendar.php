<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Design;
use Garnetine\Core\Message\DayTexts;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Plan\TablePlan;

/**
 * The days of the crews of a job as a calendar that others take up: RFC 5545, a day-long entry for each day of each table, and one of every year for each tilt
 * by season.
 */
final class Calendar
{
    /** Octets of a line before it is folded. */
    private const WIDE = 73;

    public static function of(ProjectPlan $plan, Design $design): string
    {
        $stamp = ($design->created_at ?? now())->utc()->format('Ymd\THis\Z');
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Garnetine//Days of the crew//EN', 'CALSCALE:GREGORIAN'];
        foreach ($plan->tables as $id => $table) {
            array_push($lines, ...self::seasons($plan, $table, "job-{$design->job_id}-$id", $stamp));
            foreach (DayTexts::of($table) as $day) {
                $on = substr($day['on'], -10);
                array_push(
                    $lines,
                    'BEGIN:VEVENT',
                    "UID:job-{$design->job_id}-$id-$on@garnetine.invalid",
                    "DTSTAMP:$stamp",
                    'DTSTART;VALUE=DATE:'.str_replace('-', '', $on),
                    'DTEND;VALUE=DATE:'.gmdate('Ymd', (int) strtotime("$on UTC +1 day")),
                    'SUMMARY:'.self::escaped("{$plan->project->name}, {$table->design->table->name}: ".implode('; ', $day['says'])),
                    'LOCATION:'.self::escaped($table->design->address),
                    'END:VEVENT',
                );
            }
        }

        return implode('', array_map(static fn (string $line): string => self::folded($line)."\r\n", [...$lines, 'END:VCALENDAR']));
    }

    /** @return list<string> A day of every year for each tilt by season */
    private static function seasons(ProjectPlan $plan, TablePlan $table, string $uid, string $stamp): array
    {
        $texts = Texts::of($table->design);
        $lines = [];
        $steps = array_filter($table->steps(), static fn (array $step): bool => str_starts_with($step['code'], 'table_season'));
        foreach (array_values($steps) as $index => $step) {
            $season = $table->design->table->seasons[$index];
            if (!$season->isDay()) {
                continue;
            }
            $on = substr($stamp, 0, 4).str_replace('-', '', $season->from);
            array_push(
                $lines,
                'BEGIN:VEVENT',
                "UID:$uid-season-$index@garnetine.invalid",
                "DTSTAMP:$stamp",
                "DTSTART;VALUE=DATE:$on",
                'RRULE:FREQ=YEARLY',
                'SUMMARY:'.self::escaped("{$plan->project->name}, {$table->design->table->name}: {$texts->say('step.'.$step['code'], $step['values'])}"),
                'LOCATION:'.self::escaped($table->design->address),
                'END:VEVENT',
            );
        }

        return $lines;
    }

    private static function escaped(string $text): string
    {
        return strtr($text, ['\\' => '\\\\', ';' => '\\;', ',' => '\\,', "\n" => '\\n', "\r" => '']);
    }

    /** Long lines go on after a line's end and a space; no letter is torn in two. */
    private static function folded(string $line): string
    {
        $parts = [];
        while (strlen($line) > self::WIDE) {
            $part = mb_strcut($line, 0, self::WIDE, 'UTF-8');
            $parts[] = $part;
            $line = substr($line, strlen($part));
        }

        return implode("\r\n ", [...$parts, $line]);
    }
}
