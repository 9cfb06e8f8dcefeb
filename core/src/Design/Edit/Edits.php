<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Edit;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Typical;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Garnetine\Core\Document\Field;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Document\Reader;
use Garnetine\Core\Document\Shape;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Fastener\Fastener;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\QuantityNotUnderstood;
use Garnetine\Core\Quantity\QuantityText;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * Changes a design the way people do: by what they type at a place. Makes a new design, or says what is wrong and changes nothing.
 *
 * An edit is one of: {path, typed} sets a value from text, an empty text clearing what may be left open; {path, value} sets a
 * value as JSON; {path, stands: true} says that the example's value there is this roof's; {path, add: true} appends to a list what is typical there or
 * opens an optional part; {path, remove: true} takes it out;
 * what a hand draws on the sheet: {toggle: {row, column}} takes a module out or puts it back; {command: "centre"} centres the
 * block between the rakes; {command: "rail", rail} takes an example rail with its clamps and bolts; {move: {x_m, y_m}} puts it at a place; {area: {id,
 * round, x_m, y_m, width_m, height_m}} sizes a no-work
 * area, or draws one when it has no id; {pin: {line, member}} and {bar: {line, member}} want a foot there, or none, or let go.
 *
 * @phpstan-type Edit array<string, mixed>
 */
final class Edits
{
    public const MOST = 200;

    /**
     * @param list<mixed> $edits Decoded JSON
     *
     * @return ($design is Design ? Design : TableDesign)
     *
     * @throws DocumentInvalid if an edit is not understood, or the changed document is no design
     */
    public static function apply(Design|TableDesign $design, array $edits): Design|TableDesign
    {
        if (count($edits) > self::MOST) {
            throw DocumentInvalid::at('', 'at most '.self::MOST.' edits', count($edits).' edits');
        }
        $before = $document = self::plain(Writer::toArray($design));
        $faults = [];
        foreach ($edits as $edit) {
            try {
                // What is drawn needs the design as it stands.
                $document = self::unproven($document, self::boxed(self::one(
                    $document,
                    is_array($edit) ? $edit : [],
                    static fn (array $document): Design|TableDesign => self::read($design, $before, $document),
                )));
            } catch (DocumentInvalid $fault) {
                array_push($faults, ...$fault->faults);
            }
        }
        if ($faults !== []) {
            throw new DocumentInvalid($faults);
        }
        try {
            return self::read($design, $before, $document);
        } catch (DocumentInvalid $invalid) {
            throw self::asTyped($invalid, $edits);
        }
    }

    /**
     * Without what was proven with a fastener of another kind.
     *
     * @param array<mixed> $before
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function unproven(array $before, array $document): array
    {
        $kind = static function (array $design): mixed {
            foreach (['kit', 'fastener', Kinds::KEY] as $key) {
                $design = is_array($design) ? $design[$key] ?? null : null;
            }

            return $design;
        };
        foreach ($kind($before) === $kind($document) ? [] : Fastener::PROVEN_WITH as $path) {
            $document = self::forgotten(self::put($document, $path, explode('/', substr($path, 1)), null), $path);
        }

        return $document;
    }

    /**
     * Faults tell what was typed, not the number that came of it.
     *
     * @param list<mixed> $edits
     */
    private static function asTyped(DocumentInvalid $invalid, array $edits): DocumentInvalid
    {
        $typed = [];
        foreach ($edits as $edit) {
            if (is_array($edit) && is_string($edit['path'] ?? null) && is_string($edit['typed'] ?? null)) {
                $typed[$edit['path']] = '"'.mb_strimwidth($edit['typed'], 0, 60, '…').'"';
            }
        }

        return new DocumentInvalid(
            array_map(
                static fn (Fault $fault): Fault => isset($typed[$fault->path]) ? new Fault($fault->path, $fault->expected, $typed[$fault->path]) : $fault,
                $invalid->faults,
            ),
        );
    }

    /**
     * The changed design: only the parts that changed are read, a drag changes one of fifteen.
     *
     * @param array<mixed> $before The document of the design
     * @param array<mixed> $document
     *
     * @throws DocumentInvalid
     */
    private static function read(Design|TableDesign $design, array $before, array $document): Design|TableDesign
    {
        $changed = Reader::reread($design, self::object(array_filter(
            $document,
            static fn (mixed $value, int|string $key): bool => !array_key_exists($key, $before) || $value !== $before[$key],
            ARRAY_FILTER_USE_BOTH,
        )));
        if ($changed instanceof TableDesign || $design instanceof TableDesign) {
            return $changed;
        }
        if (array_keys($changed->blocks) !== array_keys($design->blocks)) {
            throw DocumentInvalid::at('/blocks', 'blocks added or taken out as such', 'an edit');
        }
        foreach (['' => $changed->block] + $changed->blocks as $id => $block) {
            $was = $id === '' ? $design->block : $design->blocks[$id];
            foreach (['surface', 'module', 'kit'] as $what) {
                if ($block->{$what} !== $was->{$what}) {
                    throw DocumentInvalid::at(
                        ($id === '' ? '/block' : "/blocks/$id")."/$what",
                        'the block to stay where it lies, of its modules and kit',
                        '"'.$block->{$what}.'"',
                    );
                }
            }
        }

        return $changed;
    }

    /**
     * @param array<mixed> $document
     * @param array<mixed> $edit
     * @param \Closure(array<mixed>): (Design|TableDesign) $read
     *
     * @return array<mixed>
     */
    private static function one(array $document, array $edit, \Closure $read): array
    {
        if (Drawn::is($edit)) {
            $drawn = $read($document);
            if (!$drawn instanceof Design) {
                throw DocumentInvalid::at('', 'an edit with a path: nothing of a table is drawn', 'one drawn on the sheet');
            }
            foreach (Drawn::changes($drawn, $edit) as $path => $value) {
                $document = self::forgotten(self::put($document, $path, explode('/', substr($path, 1)), $value), $path);
                if (isset($edit['rail'])) {
                    // Made up, whoever chose it.
                    $document['origins'] = [$path => Examples::ORIGIN] + self::map($document, 'origins');
                }
            }

            return $document;
        }
        $path = $edit['path'] ?? null;
        if (!is_string($path) || preg_match('~^(/[A-Za-z0-9_-]{1,60}){1,8}\z~', $path) !== 1) {
            throw DocumentInvalid::at('', 'an edit with a path, or one drawn on the sheet', 'none of them');
        }
        $keys = array_slice(explode('/', $path), 1);
        if (in_array($keys[0], ['as_typed', 'origins'], true)) {
            throw DocumentInvalid::at($path, 'a place that people may change', $path);
        }

        return match (true) {
            array_key_exists('typed', $edit) => self::without(self::typed($document, $path, $keys, $edit['typed']), 'origins', $path),
            ($edit['stands'] ?? null) === true => self::stands($document, $path),
            array_key_exists('value', $edit) => self::given($document, $path, $keys, $edit['value'], ($edit['made_up'] ?? null) === true),
            ($edit['add'] ?? null) === true => self::added($document, $path, $keys),
            ($edit['remove'] ?? null) === true => self::removed($document, $path, $keys),
            default => throw DocumentInvalid::at($path, 'typed, value, stands, add or remove', 'none of them'),
        };
    }

    /**
     * @param array<mixed> $document
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private static function typed(array $document, string $path, array $keys, mixed $typed): array
    {
        if (!is_string($typed)) {
            throw DocumentInvalid::at($path, 'a text', get_debug_type($typed));
        }
        $text = trim($typed);
        $type = self::kindsAt($document, $path, $keys);
        if (Kinds::of($type) !== []) {
            return self::ofKind($document, $path, $keys, $type, $text);
        }
        $field = self::field($document, $path, $keys);
        if ($text === '' && $field->optional) {
            return self::forgotten(self::put($document, $path, $keys, null), $path);
        }
        $dimension = Shape::dimension($field->type);
        if ($dimension === Dimension::Length && ($document['units'] ?? null) === UnitSystem::Us->value) {
            $text = self::withInches($path, $field, $text);
        }
        if ($dimension !== null) {
            try {
                $document = self::put($document, $path, $keys, QuantityText::read($dimension, $text));
            } catch (QuantityNotUnderstood $fault) {
                throw DocumentInvalid::at($path, $fault->expected, '"'.$fault->found.'"');
            }
            $document['as_typed'] = [$path => $text] + self::map($document, 'as_typed');

            return $document;
        }
        $value = match ($field->type) {
            'int' => preg_match('/^-?\d{1,9}\z/', $text) === 1 ? (int) $text : $text,
            'float' => is_numeric($text) && strlen($text) < 20 ? (float) $text : $text,
            'bool' => match (strtolower($text)) {
                'yes', 'true' => true, 'no', 'false' => false, default => $text,
            },
            default => $text,
        };

        return self::put($document, $path, $keys, $value);
    }

    /**
     * A value as JSON; one that is made up is the example's, and so is all in it.
     *
     * @param array<mixed> $document
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private static function given(array $document, string $path, array $keys, mixed $value, bool $isMadeUp): array
    {
        $document = self::forgotten(self::put($document, $path, $keys, $value), $path);
        if ($isMadeUp) {
            $document['origins'] = array_fill_keys(Examples::leaves($value, $path), Examples::ORIGIN) + self::map($document, 'origins');
        }

        return $document;
    }

    /**
     * The type of what stands where a path says of which kind it is; empty for any other path.
     *
     * @param array<mixed> $document
     * @param non-empty-list<string> $keys
     */
    private static function kindsAt(array $document, string $path, array $keys): string
    {
        $at = array_slice($keys, 0, -1);

        return $at === [] || end($keys) !== Kinds::KEY ? '' : self::field($document, $path, $at)->type;
    }

    /**
     * Another kind of thing in the same place: it keeps what both have, and what was typed for it, but for what was proven for the one.
     *
     * @param array<mixed> $document
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private static function ofKind(array $document, string $path, array $keys, string $type, string $kind): array
    {
        $kinds = Kinds::of($type);
        $at = array_slice($keys, 0, -1);
        $now = $document;
        foreach ($at as $key) {
            $now = is_array($now) ? $now[$key] ?? null : null;
        }
        // What stands as usual is not written.
        $usual = $at === [] ? null : self::field($document, $path, $at)->usual;
        $now ??= is_object($usual) ? Writer::toArray($usual) : null;
        if ($at === [] || !is_array($now) || !isset($kinds[$kind])) {
            throw DocumentInvalid::at($path, 'one of '.implode(', ', array_keys($kinds)), '"'.mb_strimwidth($kind, 0, 40, '…').'"');
        }
        $there = '/'.implode('/', $at);
        $kept = [Kinds::KEY => $kind] + array_intersect_key($now, Shape::of($kinds[$kind])->fields);
        foreach (array_keys(array_diff_key($now, $kept)) as $gone) {
            $document = self::forgotten($document, "$there/$gone");
        }

        $begun = array_diff_key(Kinds::typical($type, $kind), $kept);
        $document = self::put($document, $there, $at, $kept + $begun);
        foreach (Examples::leaves($begun, $there) as $pointer) {
            $document['origins'] = [$pointer => Examples::ORIGIN] + self::map($document, 'origins');
        }
        foreach ($kind === ($now[Kinds::KEY] ?? null) ? [] : Kinds::anew($type) as $key => $value) {
            if (!isset(Shape::of($kinds[$kind])->fields[explode('/', $key)[0]])) {
                continue;
            }
            $document = self::forgotten(self::put($document, "$there/$key", [...$at, ...explode('/', $key)], $value), "$there/$key");
        }

        return $document;
    }

    /**
     * A bare number is in inches where feet would be out of range and inches are not. Where both could be meant it is refused.
     *
     * @throws DocumentInvalid if inches and feet are both possible
     */
    private static function withInches(string $path, Field $field, string $text): string
    {
        $number = QuantityText::bare($text);
        $fits = static fn (float $unit_m): bool => $number !== null && $field->range !== null
            && $number * $unit_m >= $field->range->min && $number * $unit_m <= $field->range->max;
        if ($number === null || !$fits(Dimension::Length->units()['in'])) {
            return $text;
        }

        return $number !== 0.0 && $fits(Dimension::Length->units()['ft'])
            ? throw DocumentInvalid::at($path, "the unit with it: $text in, or $text ft", "\"$text\"")
            : "$text in";
    }

    /**
     * @param array<mixed> $document
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private static function put(array $document, string $path, array $keys, mixed $value): array
    {
        $key = $keys[0];
        $rest = array_slice($keys, 1);
        if ($rest === []) {
            $document[$key] = $value;

            return $document;
        }
        $inner = $document[$key] ?? null;
        if (!is_array($inner)) {
            $inner = match (true) {
                // An item of the survey that was not asked yet begins as unknown.
                str_starts_with($path, "/survey/$key/") => ['answer' => 'unknown', 'by' => '', 'on' => null, 'photo' => null],
                // A part that is as usual is not written.
                !array_key_exists($key, $document) && !ctype_digit($key) => [],
                default => throw DocumentInvalid::at($path, 'a place that exists', 'none'),
            };
        }
        $changed = self::put($inner, $path, $rest, $value);
        $document[$key] = $inner !== [] && array_is_list($inner) ? array_values($changed) : $changed;

        return $document;
    }

    /**
     * The rule for the value at a path; where several kinds of things may stand, by the one that stands there.
     *
     * @param array<mixed> $document
     * @param non-empty-list<string> $keys
     */
    private static function field(array $document, string $path, array $keys): Field
    {
        $there = $document;
        // Which design it is shows in what it is of.
        $class = isset($document['table']) ? TableDesign::class : Design::class;
        $field = null;
        foreach ($keys as $key) {
            $there = is_array($there) ? $there[$key] ?? null : null;
            if ($field !== null && ($field->items !== null || ($field->keyed !== null && $field->keyed->of !== null)) && $class === null) {
                $class = $field->items->of ?? $field->keyed?->of;
                continue;
            }
            $field = $class === null ? null : Shape::of($class)->fields[$key] ?? null;
            if ($field === null) {
                throw DocumentInvalid::at($path, 'a place that a design has', 'an unknown one');
            }
            $kind = is_array($there) ? $there[Kinds::KEY] ?? null : null;
            $class = is_string($kind) ? Kinds::of($field->type)[$kind] ?? null : null;
            $class ??= class_exists($field->type) && Shape::dimension($field->type) === null && !enum_exists($field->type) ? $field->type : null;
        }

        return $field;
    }

    /**
     * @param array<mixed> $document
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private static function added(array $document, string $path, array $keys): array
    {
        $now = $document;
        foreach ($keys as $key) {
            $now = is_array($now) ? $now[$key] ?? null : null;
        }
        $list = is_array($now) ? array_values($now) : [];
        $typical = Typical::entry($path, array_column($list, $path === '/surface/framing/own' ? 'number' : 'id'));
        if (in_array($path, Typical::PARTS, true)) {
            return self::put($document, $path, $keys, $typical);
        }

        return self::put($document, $path, $keys, [...$list, $typical]);
    }

    /**
     * @param array<mixed> $document
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private static function removed(array $document, string $path, array $keys): array
    {
        if (in_array($path, Typical::PARTS, true)) {
            return self::forgotten(self::put($document, $path, $keys, null), $path);
        }
        $last = array_pop($keys);
        $list = $document;
        foreach ($keys as $key) {
            $list = is_array($list) ? $list[$key] ?? null : null;
        }
        if ($keys === [] || !is_array($list) || !array_is_list($list) || !array_key_exists((int) $last, $list) || !ctype_digit($last)) {
            throw DocumentInvalid::at($path, 'an entry of a list', $path);
        }
        unset($list[(int) $last]);

        $document = self::put($document, $path, $keys, array_values($list));
        foreach (['as_typed', 'origins'] as $map) {
            $document = self::closedUp($document, $map, '/'.implode('/', $keys), (int) $last);
        }

        return $document;
    }

    /**
     * A map by pointers without those of an entry of a list, and with those of the entries after it one place up: an example stays one.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function closedUp(array $document, string $map, string $list, int $gone): array
    {
        if (!isset($document[$map])) {
            return $document;
        }
        $kept = [];
        foreach (self::map($document, $map) as $pointer => $value) {
            [$entry, $rest] = preg_match('~^'.preg_quote($list, '~').'/(\d+)(/.*)?\z~', (string) $pointer, $found) === 1
                ? [(int) $found[1], $found[2] ?? ''] : [-1, ''];
            if ($entry !== $gone) {
                $kept[$entry > $gone ? "$list/".($entry - 1).$rest : $pointer] = $value;
            }
        }
        $document[$map] = $kept;

        return $document;
    }

    /**
     * A plane by its corners is as wide and as long as they reach.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function boxed(array $document): array
    {
        $surface = is_array($document['surface'] ?? null) ? $document['surface'] : [];
        $corners = is_array($surface['outline'] ?? null) ? array_filter($surface['outline'], is_array(...)) : [];
        foreach ($corners === [] ? [] : ['x_m' => 'width_m', 'y_m' => 'slope_length_m'] as $key => $size) {
            $places = array_filter(array_column($corners, $key), static fn (mixed $place): bool => is_float($place) || is_int($place));
            if ($places !== [] && max($places) !== ($surface[$size] ?? null)) {
                $surface[$size] = max($places);
                $document['surface'] = $surface;
                $document = self::forgotten($document, "/surface/$size");
            }
        }

        return $document;
    }

    /**
     * The value at a place, as it came with the example, is this roof's.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function stands(array $document, string $path): array
    {
        if (!array_key_exists($path, self::map($document, 'origins'))) {
            throw DocumentInvalid::at($path, 'a value of the example that nobody entered', 'an entered one, or none');
        }

        return self::without($document, 'origins', $path);
    }

    /**
     * What is told about a place and all in it, what was typed there and that nobody entered it, no longer holds.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function forgotten(array $document, string $path): array
    {
        return self::without(self::without($document, 'as_typed', $path), 'origins', $path);
    }

    /**
     * A map by pointers without those of a place and all in it.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function without(array $document, string $map, string $path): array
    {
        if (isset($document[$map])) {
            $document[$map] = array_filter(
                self::map($document, $map),
                static fn (string|int $key): bool => $key !== $path && !str_starts_with((string) $key, $path.'/'),
                ARRAY_FILTER_USE_KEY,
            );
        }

        return $document;
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function map(array $document, string $map): array
    {
        return is_array($document[$map] ?? null) ? $document[$map] : [];
    }

    /** @return array<mixed> */
    private static function plain(mixed $value): array
    {
        $walk = static function (mixed $value) use (&$walk): mixed {
            $value = $value instanceof \stdClass ? (array) $value : $value;

            return is_array($value) ? array_map($walk, $value) : $value;
        };
        $plain = $walk($value);

        return is_array($plain) ? $plain : [];
    }

    /** @param array<mixed> $document */
    private static function object(array $document): \stdClass
    {
        foreach (['survey', 'as_typed', 'origins', 'blocks', 'modules'] as $map) {
            if (array_key_exists($map, $document)) {
                $document[$map] = (object) ($document[$map] ?? []);
            }
        }
        try {
            $decoded = json_decode(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 24, JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw DocumentInvalid::at('', 'values that JSON can hold, at most 24 levels deep', 'something else');
        }

        return $decoded instanceof \stdClass ? $decoded : new \stdClass();
    }
}
