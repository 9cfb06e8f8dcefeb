<?php

declare(strict_types=1);

namespace Garnetine\Core\Geometry;

use Garnetine\Core\Document\Csv;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\QuantityNotUnderstood;
use Garnetine\Core\Quantity\QuantityText;

/**
 * A table of measures: its first row names its columns, each with its unit (x_mm, x_ft …) or without, where each cell has its own.
 */
final class LengthTable
{
    private const UNITS_M = ['m' => 1.0, 'mm' => 0.001, 'cm' => 0.01, 'in' => 0.0254, 'ft' => 0.3048];

    /**
     * @param non-empty-list<string> $axes Columns that it must have
     * @param string $word A column of words that it may have
     *
     * @return \Generator<int, array{m: array<string, float>, word: string}> By line: metres by axis
     *
     * @throws DocumentInvalid naming the line and what was expected there
     */
    public static function rows(string $text, array $axes, string $at, string $word = ''): \Generator
    {
        $columns = null;
        foreach (Csv::read($text) as $line => $cells) {
            if ($columns === null) {
                $columns = self::columns($cells, $axes, $word, $at);
                continue;
            }
            $m = [];
            foreach ($axes as $axis) {
                $m[$axis] = self::length_m($cells[$columns[$axis][0]] ?? '', $columns[$axis][1], "$axis in line $line", $at);
            }
            yield $line => ['m' => $m, 'word' => isset($columns[$word]) ? strtolower($cells[$columns[$word][0]] ?? '') : ''];
        }
    }

    /**
     * @param list<string> $cells
     * @param non-empty-list<string> $axes
     *
     * @return array<string, array{int, float|null}> By name: column, and metres in its unit
     */
    private static function columns(array $cells, array $axes, string $word, string $at): array
    {
        $columns = [];
        foreach ($cells as $column => $name) {
            if (preg_match('/^('.implode('|', $axes).')(?:[ _(]+(mm|cm|m|in|ft)\)?)?$/i', $name, $parts) === 1) {
                $columns[strtolower($parts[1])] = [$column, isset($parts[2]) ? self::UNITS_M[strtolower($parts[2])] : null];
            } elseif ($word !== '' && strtolower($name) === $word) {
                $columns[$word] = [$column, null];
            }
        }
        if (array_diff($axes, array_keys($columns)) !== []) {
            throw DocumentInvalid::at(
                $at,
                'columns '.implode(' and ', $axes).', with their unit, in the first row: '.implode(
                    ', ',
                    array_map(static fn (string $axis): string => "{$axis}_mm", $axes),
                ),
                '"'.mb_strimwidth(implode(', ', $cells), 0, 60, '…').'"',
            );
        }

        return $columns;
    }

    private static function length_m(string $cell, ?float $metres, string $where, string $at): float
    {
        if ($metres !== null) {
            $number = str_replace(',', '.', $cell);

            return is_numeric($number) && is_finite((float) $number) ? (float) $number * $metres
                : throw DocumentInvalid::at($at, "a number for $where", '"'.mb_strimwidth($cell, 0, 40, '…').'"');
        }
        if (is_numeric($cell)) {
            throw DocumentInvalid::at($at, "a unit for $where, or in the name of its column", '"'.$cell.'"');
        }
        try {
            return QuantityText::read(Dimension::Length, $cell);
        } catch (QuantityNotUnderstood $fault) {
            throw DocumentInvalid::at($at, "$where: {$fault->expected}", '"'.mb_strimwidth($fault->found, 0, 40, '…').'"');
        }
    }
}
