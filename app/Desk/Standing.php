<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;

/**
 * How a plan, or a stage of it, stands, in a word with its tone, the same wherever it is told: what stops it comes before how
 * much it has to spare, and what nobody entered yet before that.
 *
 * @phpstan-type Tone 'holds'|'tight'|'fails'|'plain'
 * @phpstan-type Stands array{word: string, tone: Tone, reserve: string|null, news: string|null}
 */
final class Standing
{
    /**
     * @param list<Finding> $findings Of the plan, or of the stage
     * @param float|null $reserve The least; null where nothing is planned
     *
     * @return array{word: string, tone: Tone}
     */
    public static function of(array $findings, ?float $reserve): array
    {
        $open = array_filter($findings, static fn (Finding $finding): bool => $finding->isOpenStop());
        $examples = array_filter($open, static fn (Finding $finding): bool => $finding->code === Code::ExamplesLeft);

        return match (true) {
            array_filter(
                $findings,
                static fn (Finding $finding): bool => $finding->kind === FindingKind::Refusal,
            ) !== [] => ['word' => 'refused', 'tone' => 'fails'],
            count($open) > count($examples) => ['word' => self::stops(count($open)), 'tone' => 'fails'],
            $examples !== [] => ['word' => self::toEnter($examples), 'tone' => 'plain'],
            $reserve === null => ['word' => 'no plan', 'tone' => 'plain'],
            default => ['word' => Texts::word($reserve), 'tone' => Texts::word($reserve)],
        };
    }

    /**
     * How a plan would stand instead of another, with the first thing that would stop it and does not now.
     *
     * @return Stands
     */
    public static function whole(Plan|TablePlan $plan, Plan|TablePlan $now): array
    {
        $stops = static fn (Plan|TablePlan $of): array => array_map(
            static fn (Finding $finding): string => Texts::of($plan->design)->finding($finding),
            array_filter($of->findings, static fn (Finding $finding): bool => $finding->blocks()),
        );
        $reserve = $plan->leastReserve();

        return [
            'reserve' => $reserve === null ? null : Texts::reserve($reserve),
            'news' => array_values(array_diff($stops($plan), $stops($now)))[0] ?? null,
        ] + self::of($plan->findings, $reserve);
    }

    private static function stops(int $count): string
    {
        return $count === 1 ? '1 stop' : "$count stops";
    }

    /** @param array<Finding> $examples */
    private static function toEnter(array $examples): string
    {
        return array_sum(array_map(static fn (Finding $finding): int => (int) $finding->values['count'], $examples)).' to enter';
    }
}
