<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Ground\TableKinds;
use Garnetine\Core\Load\Coefficients;

/**
 * The same modules on each kind of table: the one that is planned as it is, each other one begun with its usual sizes and on the fewest posts that the ground
 * holds, with what stands against it and how much is still to be entered or proven. What was proven for one kind counts nothing for another.
 */
final class TableChooser
{
    /** @return list<KindBeside> In the order of the kinds */
    public static function of(TableDesign $design): array
    {
        $here = Kinds::nameOf($design->table->racking::class);

        return array_map(
            static fn (string $kind): KindBeside => $kind === $here ? self::one($kind, true, $design, []) : self::begun($kind, $design),
            array_keys(Kinds::of(Racking::class)),
        );
    }

    private static function begun(string $kind, TableDesign $design): KindBeside
    {
        $edits = [['path' => '/table/racking/kind', 'typed' => $kind]];
        try {
            $begun = Edits::apply($design, $edits);
        } catch (DocumentInvalid) {
            return new KindBeside($kind, false, null, null, 0, $edits);
        }
        $hole_m = $design->table->footing->hole->toMetres();
        foreach (TableKinds::of($begun, new Coefficients($design->ownCopies))->others() as $other) {
            // In the hole that is planned.
            $isSame = abs($other->table->footing->hole->toMetres() - $hole_m) < 1e-9;
            if ($isSame && TablePlanner::plan($other, Depth::Checks)->posts !== []) {
                $posts = get_object_vars($other->table->racking)['posts'] ?? null;
                $more = is_int($posts) ? [['path' => '/table/racking/posts', 'typed' => (string) $posts]] : [];
                // In equal bays.
                $bay = get_object_vars($begun->table->racking)['bay'] ?? null;
                array_push($more, ...$bay === null ? [] : [['path' => '/table/racking/bay_m', 'typed' => '']]);

                return self::one($kind, false, Copy::of($begun, table: $other->table), [...$edits, ...$more]);
            }
        }

        return self::one($kind, false, $begun, $edits);
    }

    /** @param list<array{path: string, typed: string}> $edits */
    private static function one(string $kind, bool $isHere, TableDesign $design, array $edits): KindBeside
    {
        $plan = TablePlanner::plan($design, Depth::Checks);
        $refusals = array_values(array_filter($plan->findings, static fn (Finding $finding): bool => $finding->kind === FindingKind::Refusal));

        return new KindBeside($kind, $isHere, $plan, $refusals[0] ?? null, count($plan->openStops()) + $plan->toEnter(), $edits);
    }
}
