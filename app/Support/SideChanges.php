<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Writer;

/** The changes that a side design made to its parent, as edits that can be put onto another design. Lists go as a whole. */
final class SideChanges
{
    /** @return list<array{path: string, value: mixed}> */
    public static function edits(Design $parent, Design $side): array
    {
        $edits = [];
        self::walk(Writer::toArray($parent), Writer::toArray($side), '', $edits);

        return $edits;
    }

    /** @param list<array{path: string, value: mixed}> $edits */
    private static function walk(mixed $before, mixed $after, string $path, array &$edits): void
    {
        $one = $before instanceof \stdClass ? (array) $before : $before;
        $two = $after instanceof \stdClass ? (array) $after : $after;
        if (is_array($one) && is_array($two) && !array_is_list($one) && !array_is_list($two)) {
            foreach (array_keys($one + $two) as $key) {
                if (!in_array("$path/$key", ['/as_typed', '/schema'], true)) {
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
