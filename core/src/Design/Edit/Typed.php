<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Edit;

use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\QuantityNotUnderstood;
use Garnetine\Core\Quantity\QuantityText;

/** What was typed stands beside a number and is shown in its place; where somebody changed the number in a file, the text would say something else. */
final class Typed
{
    /** Files keep fewer digits than a computation. */
    private const SAME = 1e-5;

    /** The same document without texts that are not of the value beside them; what has another shape is left to the reader. */
    public static function agreeing(\stdClass $document): \stdClass
    {
        if (!($document->as_typed ?? null) instanceof \stdClass) {
            return $document;
        }
        $kept = array_filter(
            get_object_vars($document->as_typed),
            static fn (mixed $typed, string $path): bool => !is_string($typed) || self::agrees($document, explode('/', $path), $typed),
            ARRAY_FILTER_USE_BOTH,
        );
        $same = clone $document;
        $same->as_typed = (object) $kept;

        return $same;
    }

    /** @param non-empty-list<string> $keys With an empty one before the first */
    private static function agrees(mixed $value, array $keys, string $typed): bool
    {
        foreach (array_slice($keys, 1) as $key) {
            $parts = $value instanceof \stdClass ? get_object_vars($value) : $value;
            $value = is_array($parts) ? $parts[$key] ?? null : null;
        }
        $dimension = Dimension::ofKey($keys[count($keys) - 1]);
        if ($dimension === null || (!is_float($value) && !is_int($value))) {
            return false;
        }
        try {
            return abs(QuantityText::read($dimension, $typed) - $value) <= self::SAME * max(1e-3, abs($value));
        } catch (QuantityNotUnderstood) {
            return false;
        }
    }
}
