<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Writer;

/**
 * The changes that a side design made to its parent, as edits that can be put onto another design. Lists go as a whole, but for
 * signatures and values of own copies: those are added to what the other has, and nobody else's is lost.
 */
final class SideChanges
{
    /** Lists that grow entry by entry, and what tells their entries apart. */
    private const SIGNED = ['/confirmations' => 'subject', '/own_copies' => 'coefficient'];

    /**
     * @return list<array<string, mixed>>
     *
     * @throws DocumentInvalid where the side design has other surfaces than its parent or the newest
     */
    public static function edits(Project $parent, Project $side, Project $onto): array
    {
        if ($parent->allIds() !== $side->allIds() || array_diff($side->allIds(), $onto->allIds()) !== []) {
            throw DocumentInvalid::at('/surfaces', 'a side design of the surfaces that the newest has: take it whole instead', implode(', ', $side->allIds()));
        }
        $edits = [];
        foreach ($side->allIds() as $id) {
            $of = static fn (Project $project): Design|TableDesign => isset($project->tables[$id]) ? $project->table($id) : $project->design($id);
            foreach (self::of($of($parent), $of($side), $of($onto)) as $edit) {
                $edits[] = ['on' => $id] + $edit;
            }
        }

        return $edits;
    }

    /** @return list<array<string, mixed>> */
    private static function of(Design|TableDesign $parent, Design|TableDesign $side, Design|TableDesign $onto): array
    {
        $edits = self::changed($parent, $side, $onto);
        foreach ($edits as $edit) {
            // What was typed says more than the number: it comes after, so that its unit stays.
            foreach ($side->asTyped as $pointer => $typed) {
                if ($pointer === $edit['path'] || str_starts_with($pointer, $edit['path'].'/')) {
                    $edits[] = ['path' => $pointer, 'typed' => $typed];
                }
            }
        }
        $told = array_column($edits, 'path');
        foreach (array_keys(array_intersect_key(array_diff_key($parent->origins, $side->origins), $onto->origins)) as $pointer) {
            if (!in_array($pointer, $told, true)) {
                $edits[] = ['path' => $pointer, 'stands' => true];
            }
        }

        return $edits;
    }

    /** @return list<array{path: string, value: mixed}> */
    private static function changed(Design|TableDesign $parent, Design|TableDesign $side, Design|TableDesign $onto): array
    {
        $edits = [];
        self::walk(Writer::toArray($parent), Writer::toArray($side), '', $edits);
        foreach ($edits as $index => $edit) {
            if (isset(self::SIGNED[$edit['path']])) {
                $key = self::SIGNED[$edit['path']];
                [$before, $after, $now] = array_map(
                    static fn (Design|TableDesign $design): array => self::entries($design, $edit['path'], $key),
                    [$parent, $side, $onto],
                );
                $changed = array_filter($after, static fn (mixed $entry, int|string $id): bool => ($before[$id] ?? null) !== $entry, ARRAY_FILTER_USE_BOTH);
                $edits[$index]['value'] = array_values($changed + array_diff_key($now, array_diff_key($before, $after)));
            }
        }

        return $edits;
    }

    /** @return array<string, mixed> Entries of a list by what tells them apart */
    private static function entries(Design|TableDesign $design, string $path, string $key): array
    {
        $document = self::plain(Writer::toArray($design));
        $list = is_array($document) ? $document[substr($path, 1)] ?? [] : [];
        $entries = [];
        foreach (is_array($list) ? $list : [] as $entry) {
            if (is_array($entry) && is_string($entry[$key] ?? null)) {
                $entries[$entry[$key]] = $entry;
            }
        }

        return $entries;
    }

    /** @param list<array{path: string, value: mixed}> $edits */
    private static function walk(mixed $before, mixed $after, string $path, array &$edits): void
    {
        $one = $before instanceof \stdClass ? (array) $before : $before;
        $two = $after instanceof \stdClass ? (array) $after : $after;
        if (is_array($one) && is_array($two) && !array_is_list($one) && !array_is_list($two)) {
            foreach (array_keys($one + $two) as $key) {
                if (!in_array("$path/$key", ['/as_typed', '/origins', '/schema'], true)) {
                    self::walk($one[$key] ?? null, $two[$key] ?? null, "$path/$key", $edits);
                }
            }
        } elseif ($one !== $two || ($one === null) !== ($two === null)) {
            $edits[] = ['path' => $path, 'value' => self::plain($after)];
        }
    }

    private static function plain(mixed $value): mixed
    {
        $value = $value instanceof \stdClass ? (array) $value : $value;

        return is_array($value) ? array_map(self::plain(...), $value) : $value;
    }
}
