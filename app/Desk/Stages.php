<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Status;
use Garnetine\Core\Plan\TablePlan;

/**
 * The stages of the work, in order, and which of them a finding belongs to.
 *
 * @phpstan-import-type Tone from Standing
 *
 * @phpstan-type StageState array{
 *     key: string,
 *     number: int,
 *     title: string,
 *     state: string,
 *     tone: Tone,
 * }
 */
final class Stages
{
    public const KEYS = ['site', 'surface', 'modules', 'loads', 'attachments', 'rails', 'holes', 'handover'];

    /** Of a table on the ground. */
    public const OF_TABLES = ['site', 'field', 'table', 'loads', 'foundations', 'setting_out', 'handover'];

    private const TITLES = [
        'site' => 'Site', 'surface' => 'Surface', 'modules' => 'Modules', 'loads' => 'Loads', 'attachments' => 'Attachments',
        'rails' => 'Rails', 'holes' => 'Holes', 'handover' => 'Hand-over',
        'field' => 'Field', 'table' => 'Table', 'foundations' => 'Foundations', 'setting_out' => 'Setting out',
    ];

    /** @return list<StageState> */
    public static function states(Plan|TablePlan $plan, bool $handoverOutOfDate): array
    {
        $states = [];
        foreach ($plan instanceof Plan ? self::KEYS : self::OF_TABLES as $index => $key) {
            ['word' => $word, 'tone' => $tone] = match (true) {
                $handoverOutOfDate && $key === 'handover' => ['word' => 'out of date', 'tone' => 'tight'],
                $plan instanceof Plan => self::state($plan, $key),
                default => self::stateOfTable($plan, $key),
            };
            $states[] = ['key' => $key, 'number' => $index + 1, 'title' => self::TITLES[$key], 'state' => $word, 'tone' => $tone];
        }

        return $states;
    }

    /**
     * The stage of what is to be done next: the first with something that stops the plan, else the hand-over.
     *
     * @param list<Finding> $findings
     */
    public static function next(array $findings): string
    {
        $open = array_map(
            static fn (Finding $finding): string => $finding->stage()->value,
            array_filter($findings, static fn (Finding $finding): bool => $finding->blocks()),
        );

        return array_values(array_intersect([...self::OF_TABLES, ...self::KEYS], $open))[0] ?? 'handover';
    }

    public static function title(string $stage): string
    {
        return self::TITLES[$stage];
    }

    /** @return array{word: string, tone: Tone} */
    private static function stateOfTable(TablePlan $plan, string $key): array
    {
        if ($key === 'handover') {
            $standing = Standing::of($plan->findings, 1.0);

            return $standing['word'] !== 'holds' || $plan->status() === Status::Confirmed ? $standing : ['word' => 'drafted', 'tone' => 'plain'];
        }
        $shown = match ($key) {
            'foundations' => array_filter($plan->checks, static fn (TableCheck $check): bool => $check->isOfFoundation()),
            'table' => array_filter($plan->checks, static fn (TableCheck $check): bool => !$check->isOfFoundation()),
            default => [],
        };
        $standing = Standing::of(
            array_values(array_filter($plan->findings, static fn (Finding $finding): bool => $finding->stage()->value === $key)),
            min([1.0, ...array_values(array_map(static fn (TableCheck $check): float => $check->reserve(), $shown))]),
        );
        if (!in_array($standing['tone'], ['holds', 'tight'], true)) {
            return $standing;
        }

        return match (true) {
            $plan->face === null && in_array($key, ['loads', 'foundations', 'setting_out'], true) => ['word' => 'empty', 'tone' => 'plain'],
            $plan->hasRefusal() => ['word' => 'waits', 'tone' => 'plain'],
            $plan->toEnter() > 0 => ['word' => 'on examples', 'tone' => 'plain'],
            default => $standing,
        };
    }

    /** @return array{word: string, tone: Tone} */
    private static function state(Plan $plan, string $key): array
    {
        if ($key === 'handover') {
            $standing = Standing::of($plan->findings, 1.0);

            return $standing['word'] !== 'holds' || $plan->status() === Status::Confirmed ? $standing : ['word' => 'drafted', 'tone' => 'plain'];
        }
        $standing = Standing::of(
            array_values(array_filter($plan->findings, static fn (Finding $finding): bool => $finding->stage()->value === $key)),
            self::leastShown($plan, $key),
        );
        $isEmpty = ($plan->loads === null && $key === 'loads') || ($plan->supports === [] && in_array($key, ['attachments', 'rails', 'holes'], true));

        if (!in_array($standing['tone'], ['holds', 'tight'], true)) {
            return $standing;
        }

        // Nothing is said to hold that was not judged, or that rests on values nobody entered.
        return match (true) {
            $isEmpty => ['word' => 'empty', 'tone' => 'plain'],
            $plan->hasRefusal() => ['word' => 'waits', 'tone' => 'plain'],
            $plan->toEnter() > 0 => ['word' => 'on examples', 'tone' => 'plain'],
            default => $standing,
        };
    }

    /** The least reserve that a stage shows in its own table. */
    private static function leastShown(Plan $plan, string $key): float
    {
        $reserves = match ($key) {
            'modules' => [...array_map(static fn ($module): float => 1 - ($module->ratio() ?? 0.0), $plan->modules()), 1 - ($plan->clamp?->ratio() ?? 0.0)],
            'rails' => array_map(
                static fn ($run): float => min($run->verdict()?->rail?->reserve() ?? 1.0, $run->verdict()?->splice?->reserve() ?? 1.0),
                $plan->everyRun(),
            ),
            'attachments' => array_map(
                static fn ($run): float => $run->verdict() === null ? 1.0 : $run->check->capacities->placing->reserve($run->verdict()->worst),
                $plan->supports,
            ),
            default => [],
        };

        return min([1.0, ...$reserves]);
    }
}
