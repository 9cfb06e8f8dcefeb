<?php

declare(strict_types=1);

namespace Garnetine\Core\Catalogue;

use Garnetine\Core\Document\Csv;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Garnetine\Core\Document\Field;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Document\Shape;
use Garnetine\Core\Quantity\QuantityNotUnderstood;
use Garnetine\Core\Quantity\QuantityText;

/**
 * Items of a catalogue as a table that spreadsheets read: one row each, columns named by the keys of a design with slashes for what
 * stands deeper ("base/heel_m", "ratings/0/up_Pa"). A number stands in the unit of its column, or brings its own ("1 1/2 in").
 */
final class CatalogueTable
{
    public const MOST = 5_000;

    /** @param list<CatalogueItem> $items */
    public static function write(array $items): string
    {
        $rows = array_map(
            static fn (CatalogueItem $item): array => ['part' => $item->part->value] + self::flat($item->values, ''),
            $items,
        );
        $columns = array_keys(array_merge(['part' => '', 'kind' => '', 'name' => '', 'document' => ''], ...$rows));

        return Csv::write([
            $columns,
            ...array_map(static fn (array $row): array => array_map(static fn (string $column): string => $row[$column] ?? '', $columns), $rows),
        ]);
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<string, string> By column
     */
    private static function flat(array $values, string $before): array
    {
        $cells = [];
        foreach ($values as $key => $value) {
            $cells += is_array($value) ? self::flat($value, "$before$key/") : [
                $before.$key => match (true) {
                    is_bool($value) => $value ? 'yes' : 'no',
                    is_float($value) => (string) json_encode($value),
                    is_int($value), is_string($value) => (string) $value,
                    default => '',
                },
            ];
        }

        return $cells;
    }

    /**
     * What the rows say, yet to be read as items.
     *
     * @return array<int, array{part: CataloguePart, values: array<string, mixed>}> By the number of the row, from 2
     *
     * @throws DocumentInvalid naming each cell that is not understood
     */
    public static function read(string $csv): array
    {
        $columns = null;
        $rows = $faults = [];
        foreach (Csv::read($csv) as $number => $cells) {
            if ($columns === null) {
                $columns = self::columns($cells);
                continue;
            }
            if (count($rows) + count($faults) >= self::MOST) {
                throw DocumentInvalid::at("row $number", 'at most '.self::MOST.' items', 'more');
            }
            try {
                $rows[$number] = self::row($columns, $cells);
            } catch (DocumentInvalid $invalid) {
                array_push(
                    $faults,
                    ...array_map(
                        static fn (Fault $fault): Fault => new Fault(self::cell($number, $fault->path), $fault->expected, $fault->found),
                        $invalid->faults,
                    ),
                );
            }
        }

        return $faults === [] ? $rows : throw new DocumentInvalid($faults);
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function columns(array $names): array
    {
        $twice = array_keys(array_filter(array_count_values($names), static fn (int $times): bool => $times > 1));
        if (!in_array('part', $names, true) || $twice !== []) {
            throw DocumentInvalid::at(
                'row 1',
                'a column "part", and none twice',
                $twice === [] ? 'none of that name' : '"'.mb_strimwidth((string) $twice[0], 0, 40).'" twice',
            );
        }

        return $names;
    }

    /** @param string $pointer Of a value in an item */
    public static function cell(int $row, string $pointer): string
    {
        return "row $row".($pointer === '' ? '' : ', column '.ltrim($pointer, '/'));
    }

    /**
     * @param list<string> $columns
     * @param list<string> $texts
     *
     * @return array{part: CataloguePart, values: array<string, mixed>}
     */
    private static function row(array $columns, array $texts): array
    {
        if (count($texts) > count($columns)) {
            throw DocumentInvalid::at('', count($columns).' cells', (string) count($texts));
        }
        $cells = [];
        foreach ($texts as $index => $text) {
            // A negative size may bring its unit.
            if (Csv::isFormula($text) && preg_match('/^-[\d.][^()]*\z/', $text) !== 1) {
                throw DocumentInvalid::at('/'.$columns[$index], 'a value', 'what a spreadsheet would run as a formula');
            }
            $cells[$columns[$index]] = str_starts_with($text, "'") ? substr($text, 1) : $text;
        }
        $part = CataloguePart::tryFrom($cells['part'] ?? '') ?? throw DocumentInvalid::at(
            '/part',
            'one of '.implode(', ', array_column(CataloguePart::cases(), 'value')),
            '"'.mb_strimwidth($cells['part'] ?? '', 0, 40).'"',
        );
        $type = $part->type();
        $kinds = Kinds::of($type);
        $kind = $cells['kind'] ?? '';
        if ($kinds !== [] && !isset($kinds[$kind])) {
            throw DocumentInvalid::at('/kind', 'one of '.implode(', ', array_keys($kinds)), '"'.mb_strimwidth($kind, 0, 40).'"');
        }
        $used = ['part' => true] + ($kinds === [] ? [] : ['kind' => true]);
        $values = self::values($kinds[$kind] ?? $type, '', $cells, $used);
        foreach (array_diff_key($cells, $used) as $column => $text) {
            if ($text !== '') {
                throw DocumentInvalid::at("/$column", "nothing in this column for a {$part->value}", '"'.mb_strimwidth($text, 0, 40).'"');
            }
        }

        return ['part' => $part, 'values' => ($kinds === [] ? [] : [Kinds::KEY => $kind]) + $values];
    }

    /**
     * @param array<string, string> $cells By column
     * @param array<string, true> $used Columns that were read
     *
     * @return array<string, mixed>
     */
    private static function values(string $class, string $before, array $cells, array &$used): array
    {
        if (!class_exists($class)) {
            throw new \LogicException("$class is no part of a document.");
        }
        $values = [];
        foreach (Shape::of($class)->fields as $key => $field) {
            $column = $before.$key;
            $deeper = array_filter(
                $cells,
                static fn (string $text, string $name): bool => $text !== '' && str_starts_with($name, "$column/"),
                ARRAY_FILTER_USE_BOTH,
            );
            if ($field->items !== null) {
                $items = [];
                for ($index = 0; array_filter(
                    array_keys($deeper),
                    static fn (string $name): bool => str_starts_with($name, "$column/$index/"),
                ) !== []; ++$index) {
                    $items[] = self::values($field->items->of, "$column/$index/", $cells, $used);
                }
                $values[$key] = $items;
            } elseif (class_exists($field->type) && Shape::dimension($field->type) === null && !enum_exists($field->type)) {
                if ($deeper !== [] || !$field->optional) {
                    $values[$key] = self::values($field->type, "$column/", $cells, $used);
                } elseif (!$field->hasUsual) {
                    $values[$key] = null;
                }
            } else {
                $used[$column] = true;
                $text = $cells[$column] ?? '';
                if ($text !== '' || ($field->type === 'string' && !$field->optional)) {
                    $values[$key] = self::value($field, $column, $text);
                } elseif ($field->optional && !$field->hasUsual) {
                    $values[$key] = null;
                }
            }
        }

        return $values;
    }

    private static function value(Field $field, string $column, string $text): mixed
    {
        $dimension = Shape::dimension($field->type);
        if ($dimension !== null && !is_numeric($text)) {
            try {
                return QuantityText::read($dimension, $text);
            } catch (QuantityNotUnderstood $notUnderstood) {
                throw DocumentInvalid::at("/$column", "a number in {$dimension->value}, or with its unit", '"'.mb_strimwidth($text, 0, 40).'"');
            }
        }

        return match (true) {
            $dimension !== null, $field->type === 'float' => is_numeric($text) ? (float) $text : $text,
            $field->type === 'int' => preg_match('/^-?\d{1,9}\z/', $text) === 1 ? (int) $text : $text,
            $field->type === 'bool' => match (strtolower($text)) {
                'yes', 'true' => true,
                'no', 'false' => false,
                default => $text,
            },
            default => $text,
        };
    }
}
