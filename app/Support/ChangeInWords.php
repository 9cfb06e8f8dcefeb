<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Message\Texts;

/** What changed between two designs, by the names of the values. */
final class ChangeInWords
{
    public static function between(Design $before, Design $after): string
    {
        $texts = new Texts($after->printer());
        $paths = [];
        self::walk(Writer::toArray($before), Writer::toArray($after), '', $paths);
        $names = array_values(array_unique(array_map($texts->field(...), array_filter($paths, static fn (string $path): bool => !str_starts_with($path, '/as_typed')))));

        return $names === [] ? 'Nothing but wording' : implode(', ', array_slice($names, 0, 6)).(count($names) > 6 ? ' and more' : '');
    }

    /** @param list<string> $paths */
    private static function walk(mixed $before, mixed $after, string $path, array &$paths): void
    {
        $one = $before instanceof \stdClass ? (array) $before : $before;
        $two = $after instanceof \stdClass ? (array) $after : $after;
        if (is_array($one) && is_array($two)) {
            foreach (array_keys($one + $two) as $key) {
                self::walk($one[$key] ?? null, $two[$key] ?? null, "$path/$key", $paths);
            }
        } elseif ($one !== $two) {
            $paths[] = $path;
        }
    }
}
