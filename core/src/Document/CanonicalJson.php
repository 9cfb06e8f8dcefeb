<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

use Garnetine\Core\Quantity\Dimension;

/**
 * The one way that Garnetine writes JSON: sorted keys, fixed decimals by the dimension that the key names,
 * no exponents, no negative zero. Equal documents have equal bytes.
 */
final class CanonicalJson
{
    /** Ratios and other plain decimals. */
    private const DECIMALS = 6;

    public static function encode(mixed $value): string
    {
        return self::write($value, null, '')."\n";
    }

    public static function hash(mixed $value): string
    {
        return hash('sha256', self::encode($value));
    }

    private static function write(mixed $value, ?Dimension $dimension, string $indent): string
    {
        if ($value instanceof \stdClass) {
            return self::map((array) $value, $indent);
        }
        if (is_array($value)) {
            return array_is_list($value) ? self::list($value, $dimension, $indent) : self::map($value, $indent);
        }
        if (is_float($value) || (is_int($value) && $dimension !== null)) {
            return self::number((float) $value, $dimension?->decimals() ?? self::DECIMALS);
        }

        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    private static function number(float $value, int $decimals): string
    {
        if (!is_finite($value)) {
            throw new \LogicException('A number that is not finite was about to be written.');
        }
        $text = number_format($value, $decimals, '.', '');

        return (float) $text === 0.0 ? ltrim($text, '-') : $text;
    }

    /** @param array<mixed> $list */
    private static function list(array $list, ?Dimension $dimension, string $indent): string
    {
        if ($list === []) {
            return '[]';
        }
        if (!is_array($list[0]) && !is_object($list[0])) {
            return '['.implode(', ', array_map(static fn (mixed $item): string => self::write($item, $dimension, ''), $list)).']';
        }
        $inner = $indent.' ';
        $lines = array_map(static fn (mixed $item): string => $inner.self::write($item, $dimension, $inner), $list);

        return "[\n".implode(",\n", $lines)."\n$indent]";
    }

    /** @param array<mixed> $map */
    private static function map(array $map, string $indent): string
    {
        if ($map === []) {
            return '{}';
        }
        ksort($map, SORT_STRING);
        $inner = $indent.' ';
        $lines = [];
        foreach ($map as $key => $item) {
            $key = (string) $key;
            $lines[] = $inner.json_encode($key, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES).': '
                .self::write($item, Dimension::ofKey($key), $inner);
        }

        return "{\n".implode(",\n", $lines)."\n$indent}";
    }
}
