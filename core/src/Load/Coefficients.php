<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Signing\OwnCopy;

/** Hands out published values by table and key, and remembers which of them were used. */
final class Coefficients
{
    /** @var array<string, array{source: string, confidence: string, values: array<string, float|array{value: float, confidence?: string, note?: string}>, missing?: list<string>}> */
    private static array $tables = [];

    /** @var array<string, Coefficient> */
    private array $used = [];

    /** @var array<string, OwnCopy> By id */
    private readonly array $own;

    /** @param list<OwnCopy> $ownCopies Stand in place of the recalled values */
    public function __construct(array $ownCopies = [])
    {
        $own = [];
        foreach ($ownCopies as $copy) {
            $own[$copy->coefficient] = $copy;
        }
        $this->own = $own;
    }

    /** @throws \OutOfBoundsException If the table holds no such value: the caller must have refused the case. */
    public function value(string $table, string $key): float
    {
        return $this->take($table, $key)->value;
    }

    public function take(string $table, string $key): Coefficient
    {
        $id = "$table/$key";

        return $this->used[$id] ??= $this->look($table, $key);
    }

    /** The value as the plan takes it, without its being used. */
    public function look(string $table, string $key): Coefficient
    {
        $own = $this->own["$table/$key"] ?? null;

        return $own === null || !(self::has($table, $key) || self::isMissing($table, $key)) ? self::recalled($table, $key)
            : new Coefficient("$table/$key", $own->value, "{$own->document}, {$own->clause}", Confidence::Own, null, $own->name);
    }

    /** @throws \OutOfBoundsException if no table holds the id */
    public function lookId(string $id): Coefficient
    {
        [$table, $key] = self::split($id);

        return $this->look($table ?? throw new \OutOfBoundsException("No value $id."), $key);
    }

    /** Whether the value is known to exist, is not remembered, and was not read in an own copy either. */
    public function lacks(string $table, string $key): bool
    {
        return self::isMissing($table, $key) && !isset($this->own["$table/$key"]);
    }

    /**
     * As what a figure is made from.
     *
     * @param list<string> $ids
     *
     * @return list<string>
     */
    public static function refs(array $ids): array
    {
        return array_map(static fn (string $id): string => "coefficient:$id", $ids);
    }

    /** @return list<Coefficient> In the order of their ids */
    public function used(): array
    {
        $used = $this->used;
        ksort($used, SORT_STRING);

        return array_values($used);
    }

    public static function recalled(string $table, string $key): Coefficient
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

    /** Whether the value exists in the document but is not remembered well enough to ship. */
    public static function isMissing(string $table, string $key): bool
    {
        return in_array($key, self::table($table)['missing'] ?? [], true);
    }

    /** Whether an id names a value that exists in the document but is not remembered. */
    public static function isMissingId(string $id): bool
    {
        [$table, $key] = self::split($id);

        return $table !== null && self::isMissing($table, $key);
    }

    /** The recalled value of an id, or null when the data holds none. */
    public static function ofId(string $id): ?Coefficient
    {
        [$table, $key] = self::split($id);

        return $table !== null && self::has($table, $key) ? self::recalled($table, $key) : null;
    }

    /** @return array{string|null, string} Table and key; no table when the id names none */
    private static function split(string $id): array
    {
        // Keys have slashes of their own; a table is one file deep or two.
        foreach ([2, 1] as $depth) {
            $parts = explode('/', $id, $depth + 1);
            $key = count($parts) > $depth ? array_pop($parts) : '';
            $table = implode('/', $parts);
            if (
                preg_match('~^[a-z0-9_]+(/[a-z0-9_]+)?$~', $table) === 1
                && is_file(dirname(__DIR__, 2)."/data/$table.php")
                && (self::has($table, $key) || self::isMissing($table, $key))
            ) {
                return [$table, $key];
            }
        }

        return [null, ''];
    }

    /** @return array{source: string, confidence: string, values: array<string, float|array{value: float, confidence?: string, note?: string}>, missing?: list<string>} */
    private static function table(string $name): array
    {
        if (!isset(self::$tables[$name])) {
            /** @var array{source: string, confidence: string, values: array<string, float|array{value: float, confidence?: string, note?: string}>, missing?: list<string>} $table */
            $table = require dirname(__DIR__, 2)."/data/$name.php";
            self::$tables[$name] = $table;
        }

        return self::$tables[$name];
    }
}
