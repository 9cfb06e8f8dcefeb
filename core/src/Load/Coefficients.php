<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** Hands out published values by table and key, and remembers which of them were used. */
final class Coefficients
{
    /** @var array<string, array{source: string, confidence: string, values: array<string, float|array{value: float, confidence?: string, note?: string}>}> */
    private static array $tables = [];

    /** @var array<string, Coefficient> */
    private array $used = [];

    /** @throws \OutOfBoundsException If the table holds no such value: the caller must have refused the case. */
    public function value(string $table, string $key): float
    {
        return $this->take($table, $key)->value;
    }

    public function take(string $table, string $key): Coefficient
    {
        $id = "$table/$key";

        return $this->used[$id] ??= self::find($table, $key);
    }

    /** @return list<Coefficient> In the order of their ids */
    public function used(): array
    {
        $used = $this->used;
        ksort($used, SORT_STRING);

        return array_values($used);
    }

    public static function find(string $table, string $key): Coefficient
    {
        $read = self::table($table);
        $entry = $read['values'][$key] ?? throw new \OutOfBoundsException("No value $key in the table $table.");
        $value = is_array($entry) ? $entry['value'] : $entry;
        $confidence = (is_array($entry) ? $entry['confidence'] ?? null : null) ?? $read['confidence'];

        return new Coefficient("$table/$key", $value, $read['source'], Confidence::from($confidence), is_array($entry) ? $entry['note'] ?? null : null);
    }

    public static function has(string $table, string $key): bool
    {
        return isset(self::table($table)['values'][$key]);
    }

    /** @return array{source: string, confidence: string, values: array<string, float|array{value: float, confidence?: string, note?: string}>} */
    private static function table(string $name): array
    {
        if (!isset(self::$tables[$name])) {
            /** @var array{source: string, confidence: string, values: array<string, float|array{value: float, confidence?: string, note?: string}>} $table */
            $table = require dirname(__DIR__, 2)."/data/$name.php";
            self::$tables[$name] = $table;
        }

        return self::$tables[$name];
    }
}
