<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** Reads JSON text strictly: size, depth, encoding, and no key twice, which PHP's own decoder lets pass. */
final class Json
{
    public const LARGEST_BYTES = 2_000_000;
    private const DEEPEST = 24;

    /** @throws DocumentInvalid If the text is not JSON, is too large or too deep, or repeats a key. */
    public static function read(string $text): \stdClass
    {
        if (strlen($text) > self::LARGEST_BYTES) {
            throw DocumentInvalid::at('', sprintf('at most %d bytes of JSON', self::LARGEST_BYTES), strlen($text).' bytes');
        }
        try {
            $value = json_decode($text, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw DocumentInvalid::at('', sprintf('JSON, at most %d levels deep', self::DEEPEST), self::reason($fault, $text));
        }
        if (!$value instanceof \stdClass) {
            throw DocumentInvalid::at('', 'a JSON object', get_debug_type($value));
        }
        // As many keys as were written means none twice; looking for the place is slow.
        preg_match_all('/"(?:[^"\\\\]|\\\\.)*"\s*(:?)/s', $text, $strings);
        if (substr_count(implode('', $strings[1]), ':') !== self::keys($value)) {
            self::refuseRepeatedKeys($text);
        }

        return $value;
    }

    private static function keys(mixed $value): int
    {
        $keys = $value instanceof \stdClass ? count((array) $value) : 0;
        foreach (is_array($value) || $value instanceof \stdClass ? (array) $value : [] as $inner) {
            $keys += is_scalar($inner) ? 0 : self::keys($inner);
        }

        return $keys;
    }

    private static function reason(\JsonException $fault, string $text): string
    {
        return trim($text) === '' ? 'nothing' : lcfirst($fault->getMessage());
    }

    private static function refuseRepeatedKeys(string $text): void
    {
        preg_match_all('/"((?:[^"\\\\]|\\\\.)*)"\s*(:?)|[{}\[\],]/s', $text, $tokens, PREG_SET_ORDER);
        $seen = [];
        $path = [];
        $depth = 0;
        foreach ($tokens as $token) {
            $sign = $token[0][0];
            if ($sign === '{' || $sign === '[') {
                $seen[++$depth] = [];
                $path[$depth] = $sign === '[' ? '0' : '';
            } elseif ($sign === '}' || $sign === ']') {
                --$depth;
            } elseif ($sign === ',') {
                if (ctype_digit($path[$depth])) {
                    $path[$depth] = (string) ((int) $path[$depth] + 1);
                }
            } elseif (($token[2] ?? '') === ':') {
                $decoded = json_decode('"'.($token[1] ?? '').'"');
                $key = is_string($decoded) ? $decoded : '';
                if (isset($seen[$depth][$key])) {
                    throw DocumentInvalid::at('/'.implode('/', [...array_slice($path, 0, $depth - 1), $key]), 'each key once', 'the key twice');
                }
                $seen[$depth][$key] = true;
                $path[$depth] = $key;
            }
        }
    }
}
