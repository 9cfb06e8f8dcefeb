<?php

declare(strict_types=1);

namespace Garnetine\Core\Message;

use Garnetine\Core\Plan\TablePlan;

/** The days of a table's crew, in words. */
final class DayTexts
{
    /** @return list<array{on: string, says: list<string>}> By day, with its weekday */
    public static function of(TablePlan $plan): array
    {
        $texts = Texts::of($plan->design);
        $days = [];
        foreach ($plan->days()->tasks ?? [] as $task) {
            $values = ['what' => "day.{$task['code']}", 'done' => $task['done'], 'of' => $task['of']];
            $days[$task['on']][] = match (true) {
                $task['kept_from'] !== '' => $texts->say("day.{$task['kept_from']}"),
                $task['of'] > 1 => $texts->say('day.done', $values),
                default => $texts->say('day.whole', $values),
            };
        }

        return array_map(
            static fn (string $on, array $says): array => ['on' => $texts->say('weekday.'.gmdate('N', (int) strtotime("$on UTC")))." $on", 'says' => $says],
            array_keys($days),
            $days,
        );
    }
}
