<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Edits;
use Garnetine\Core\Design\Ground\Racking;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableKinds;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Load\Coefficients;

/**
 * The same modules on each kind of table: the one that is planned as it is, each other one begun with its usual sizes and on the fewest posts that the ground
 * holds, with what stands against it and how much is still to be entered or proven. What was proven for one kind counts nothing for another.
 */
final class TableChooser
{
    /** @return list<array{kind: string, is_here: bool, plan: TablePlan|null, refusal: Finding|null, missing: int, edits: list<array{path: string, typed: string}>}> In the order of the kinds; without a plan where the sizes of one do not fit */
    public static function of(TableDesign $design): array
    {
        $here = Kinds::nameOf($design->table->racking::class);

        return array_map(
            static fn (string $kind): array => $kind === $here ? self::one($kind, true, $design, []) : self::begun($kind, $design),
            array_keys(Kinds::of(Racking::class)),
        );
    }

    /** @return array{kind: string, is_here: bool, plan: TablePlan|null, refusal: Finding|null, missing: int, edits: list<array{path: string, typed: string}>} */
    private static function begun(string $kind, TableDesign $design): array
    {
        $edits = [['path' => '/table/racking/kind', 'typed' => $kind]];
        try {
            $begun = Edits::apply($design, $edits);
        } catch (DocumentInvalid) {
            return ['kind' => $kind, 'is_here' => false, 'plan' => null, 'refusal' => null, 'missing' => 0, 'edits' => $edits];
        }
        foreach (TableKinds::of($begun, new Coefficients())->others() as $other) {
            // In the hole that is planned.
            if (abs($other->table->footing->hole->toMetres() - $design->table->footing->hole->toMetres()) < 1e-9 && TablePlanner::plan($other, Depth::Checks)->posts !== []) {
                $posts = get_object_vars($other->table->racking)['posts'] ?? null;

                return self::one($kind, false, Copy::of($begun, table: $other->table), is_int($posts) ? [...$edits, ['path' => '/table/racking/posts', 'typed' => (string) $posts]] : $edits);
            }
        }

        return self::one($kind, false, $begun, $edits);
    }

    /**
     * @param list<array{path: string, typed: string}> $edits
     *
     * @return array{kind: string, is_here: bool, plan: TablePlan|null, refusal: Finding|null, missing: int, edits: list<array{path: string, typed: string}>}
     */
    private static function one(string $kind, bool $isHere, TableDesign $design, array $edits): array
    {
        $plan = TablePlanner::plan($design, Depth::Checks);
        $refusals = array_values(array_filter($plan->findings, static fn (Finding $finding): bool => $finding->kind === FindingKind::Refusal));

        return ['kind' => $kind, 'is_here' => $isHere, 'plan' => $plan, 'refusal' => $refusals[0] ?? null, 'missing' => count($plan->openStops()) + $plan->toEnter(), 'edits' => $edits];
    }

    /** What fails first of what is known of a plan. */
    public static function failing(TablePlan $plan): ?TableCheck
    {
        $worst = $plan->worst();

        return $worst !== null && $worst->ratio > 1 + 1e-9 ? $worst : null;
    }

    public static function bags(TablePlan $plan): float
    {
        return TablePost::bagsOf($plan->posts);
    }
}
