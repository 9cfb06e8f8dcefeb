<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

use Garnetine\Core\Quantity\Quantity;

/** Turns a document object back into the array that the reader would accept. */
final class Writer
{
    /** @return array<string, mixed> */
    public static function toArray(object $document): array
    {
        $kind = Kinds::nameOf($document::class);
        $written = $kind === null ? [] : [Kinds::KEY => $kind];
        foreach (Shape::of($document::class)->fields as $key => $field) {
            $value = $document->{$field->property};
            // Parts are the same where their values are.
            if (!$field->hasUsual || (is_object($value) ? $value !== $field->usual : $value !== $field->usual)) {
                $written[$key] = self::value($value, $field);
            }
        }

        return $written;
    }

    private static function value(mixed $value, Field $field): mixed
    {
        return match (true) {
            $value instanceof Quantity => $value->toSi(),
            $value instanceof \BackedEnum => $value->value,
            is_array($value) => self::entries($value, $field),
            is_object($value) => self::toArray($value),
            default => $value,
        };
    }

    /** @param array<mixed> $value */
    private static function entries(array $value, Field $field): mixed
    {
        $written = array_map(static fn (mixed $item): mixed => is_object($item) ? self::toArray($item) : $item, $value);

        return $field->keyed !== null ? (object) $written : $written;
    }
}
