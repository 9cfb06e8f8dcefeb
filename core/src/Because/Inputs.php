<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Quantity\Dimension;

/** Leaves of every chain: what a person entered, with what was typed. */
final class Inputs
{
    /** Whether a design has a value, or an open place, at a pointer: kinds of things have different ones. */
    public static function has(Design|TableDesign $design, string $pointer): bool
    {
        return self::find($design, $pointer) !== [];
    }

    /** @throws PathUnknown If the design has no value at the pointer. */
    public static function at(Design|TableDesign $design, string $pointer): Because
    {
        [$value] = self::find($design, $pointer) ?: throw PathUnknown::named('design'.$pointer);
        $key = substr((string) strrchr($pointer, '/'), 1);
        $shown = is_float($value) || is_int($value) || is_string($value) ? $value : (is_bool($value) ? ($value ? 'yes' : 'no') : 'not_entered');
        $dimension = Dimension::ofKey($key);

        return new Because(
            'input',
            ['value'.($dimension === null || !is_float($shown) ? '' : '_'.$dimension->value) => $shown, 'field' => $pointer],
            input: $pointer,
            typed: $design->asTyped[$pointer] ?? null,
            isExample: isset($design->origins[$pointer]),
        );
    }

    /** @return array{}|array{mixed} The value at a pointer, nothing where there is no such place */
    private static function find(Design|TableDesign $design, string $pointer): array
    {
        $value = Writer::toArray($design);
        foreach (array_slice(explode('/', $pointer), 1) as $key) {
            $value = is_object($value) ? (array) $value : $value;
            if (!is_array($value) || !array_key_exists($key, $value)) {
                return [];
            }
            $value = $value[$key];
        }

        return [$value];
    }
}
