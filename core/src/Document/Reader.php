<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * Builds a document object from decoded JSON, or says everything that is wrong with it. The only judge of documents.
 */
final class Reader
{
    /** @var list<Fault> */
    private array $faults = [];

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws DocumentInvalid if anything in the document is missing, unknown, of the wrong kind or out of range
     */
    public static function read(string $class, \stdClass $value): object
    {
        $reader = new self();
        $object = $reader->object($class, $value, '');
        if ($reader->faults !== []) {
            throw new DocumentInvalid($reader->faults);
        }
        assert($object instanceof $class);

        return $object;
    }

    /**
     * A document with some of its parts read anew; the others were read before, and stay the objects they are.
     *
     * @template T of object
     *
     * @param T $known
     * @param \stdClass $parts By key, the parts that changed
     *
     * @return T
     *
     * @throws DocumentInvalid if anything in those parts is missing, unknown, of the wrong kind or out of range
     */
    public static function reread(object $known, \stdClass $parts): object
    {
        $reader = new self();
        $object = $reader->object($known::class, $parts, '', $known);
        if ($reader->faults !== []) {
            throw new DocumentInvalid($reader->faults);
        }
        assert($object instanceof $known);

        return $object;
    }

    /**
     * @param class-string $class
     * @param object|null $known Where the keys that are not given are taken from
     */
    private function object(string $class, mixed $value, string $path, ?object $known = null): ?object
    {
        if (!$value instanceof \stdClass) {
            return $this->fault($path, 'an object', $value);
        }
        $before = count($this->faults);
        $fields = Shape::of($class)->fields;
        $arguments = [];
        foreach ($fields as $key => $field) {
            $given = $value->{$key} ?? null;
            if ($known !== null && !property_exists($value, $key)) {
                $arguments[] = $known->{$field->property};
                continue;
            }
            if ($given === null) {
                if ($field->hasUsual && !property_exists($value, $key)) {
                    $arguments[] = $field->usual;
                    continue;
                }
                if (!$field->optional) {
                    $this->faults[] = new Fault("$path/$key", $this->expected($field), property_exists($value, $key) ? 'null' : 'nothing');
                }
                $arguments[] = null;
                continue;
            }
            $arguments[] = $this->value($field, $given, "$path/$key");
        }
        foreach (array_diff(array_map(strval(...), array_keys((array) $value)), array_keys($fields)) as $unknown) {
            $this->faults[] = new Fault($path.'/'.self::escaped($unknown), 'no key of this name', 'an unknown key');
        }

        return count($this->faults) > $before ? null : new $class(...$arguments);
    }

    private function value(Field $field, mixed $given, string $path): mixed
    {
        if ($field->items !== null) {
            return $this->items($field->items, $given, $path);
        }
        if ($field->keyed !== null) {
            return $this->map($field->keyed, $given, $path);
        }
        $dimension = Shape::dimension($field->type);
        if ($dimension !== null) {
            $number = $this->number($field, $given, $path);

            return $number === null ? null : $field->type::ofSi($number);
        }
        if (is_a($field->type, \BackedEnum::class, true)) {
            return (is_string($given) ? $field->type::tryFrom($given) : null) ?? $this->fault($path, $this->expected($field), $given);
        }
        if (class_exists($field->type)) {
            return $this->object($field->type, $given, $path);
        }
        $kinds = Kinds::of($field->type);
        if ($kinds !== []) {
            return $this->kind($kinds, $given, $path);
        }

        return match ($field->type) {
            'bool' => is_bool($given) ? $given : $this->fault($path, 'true or false', $given),
            'int' => $this->integer($field, $given, $path),
            'float' => $this->number($field, $given, $path),
            'string' => $this->text($field->text ?? new Text(), $given, $path),
            default => throw new \LogicException('No rule for type '.$field->type),
        };
    }

    /** @param array<string, class-string> $kinds */
    private function kind(array $kinds, mixed $given, string $path): ?object
    {
        if (!$given instanceof \stdClass) {
            return $this->fault($path, 'an object', $given);
        }
        $name = $given->{Kinds::KEY} ?? null;
        if (!is_string($name) || !isset($kinds[$name])) {
            return $this->fault("$path/".Kinds::KEY, 'one of '.implode(', ', array_keys($kinds)), $name);
        }
        $rest = clone $given;
        unset($rest->{Kinds::KEY});

        return $this->object($kinds[$name], $rest, $path);
    }

    private function number(Field $field, mixed $given, string $path): ?float
    {
        if (!is_int($given) && !is_float($given)) {
            return $this->fault($path, $this->expected($field), $given);
        }
        $number = (float) $given;
        if (!is_finite($number) || ($field->range !== null && ($number < $field->range->min || $number > $field->range->max))) {
            return $this->fault($path, $this->expected($field), $given);
        }

        return $number;
    }

    private function integer(Field $field, mixed $given, string $path): ?int
    {
        $number = is_int($given) ? $this->number($field, $given, $path) : $this->fault($path, $this->expected($field), $given);

        return $number === null ? null : (int) $number;
    }

    private function text(Text $rule, mixed $given, string $path): ?string
    {
        if (!is_string($given) || mb_strlen($given) > $rule->longest || mb_strlen($given) < $rule->shortest
            || preg_match('/[\x00-\x08\x0b-\x1f]/', $given) === 1
            || ($rule->pattern !== null && preg_match('~^(?:'.$rule->pattern.')\z~u', $given) !== 1)) {
            return $this->fault($path, self::expectedText($rule), $given);
        }

        return $given;
    }

    /** @return list<object|null>|null */
    private function items(Items $rule, mixed $given, string $path): ?array
    {
        if (!is_array($given) || !array_is_list($given) || count($given) > $rule->most) {
            return $this->fault($path, sprintf('a list of at most %d', $rule->most), $given);
        }
        $objects = [];
        foreach ($given as $index => $item) {
            $objects[] = $this->object($rule->of, $item, "$path/$index");
        }

        return $objects;
    }

    /** @return array<string, object|string|null>|null */
    private function map(Keyed $rule, mixed $given, string $path): ?array
    {
        $entries = $given instanceof \stdClass ? (array) $given : null;
        if ($entries === null || count($entries) > $rule->most) {
            return $this->fault($path, sprintf('an object with at most %d keys', $rule->most), $given);
        }
        $read = [];
        foreach ($entries as $key => $item) {
            $key = (string) $key;
            $place = $path.'/'.self::escaped($key);
            $known = $rule->keys === null ? preg_match('~^(?:'.$rule->pattern.')\z~u', $key) === 1 : in_array($key, $rule->keys, true);
            if (!$known) {
                $this->faults[] = new Fault($place, 'no key of this name', 'an unknown key');
                continue;
            }
            $read[$key] = match (true) {
                $rule->of !== null => $this->object($rule->of, $item, $place),
                $rule->only !== null && $item !== $rule->only => $this->fault($place, "\"$rule->only\"", $item),
                default => $this->text(new Text($rule->longest), $item, $place),
            };
        }

        return $read;
    }

    private function fault(string $path, string $expected, mixed $found): null
    {
        $this->faults[] = new Fault($path, $expected, self::shown($found));

        return null;
    }

    private function expected(Field $field): string
    {
        $dimension = Shape::dimension($field->type);
        if ($dimension !== null || $field->type === 'int' || $field->type === 'float') {
            return self::expectedNumber($field, $dimension);
        }
        if (Kinds::of($field->type) !== []) {
            return 'an object';
        }
        if (is_a($field->type, \BackedEnum::class, true)) {
            return 'one of '.implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $field->type::cases()));
        }

        return match ($field->type) {
            'bool' => 'true or false',
            'string' => self::expectedText($field->text ?? new Text()),
            'array' => $field->items !== null ? 'a list' : 'an object',
            default => 'an object',
        };
    }

    /** Limits are told in SI and, for quantities, in feet and pounds as well, since that is what was probably typed. */
    private static function expectedNumber(Field $field, ?Dimension $dimension): string
    {
        if ($dimension === null) {
            $kind = $field->type === 'int' ? 'a whole number' : 'a number';

            return $field->range === null ? $kind : sprintf('%s from %s to %s', $kind, self::plain($field->range->min), self::plain($field->range->max));
        }
        if ($field->range === null) {
            return $dimension->named();
        }
        $us = new Printer(UnitSystem::Us);
        $limits = sprintf('%s from %s to %s', $dimension->named(), $us->print($dimension, $field->range->min), $us->print($dimension, $field->range->max));

        return $dimension === Dimension::Angle
            ? $limits
            : sprintf('%s (%s to %s %s)', $limits, self::plain($field->range->min), self::plain($field->range->max), $dimension->symbol());
    }

    private static function expectedText(Text $rule): string
    {
        return match ($rule->pattern) {
            Text::DATE => 'a date such as 2026-05-12',
            Text::SLUG => 'an identifier of small letters, digits and dashes',
            default => sprintf('a text of %d to %d characters', $rule->shortest, $rule->longest),
        };
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(sprintf('%.9F', $number), '0'), '.');
    }

    private static function shown(mixed $found): string
    {
        return match (true) {
            is_string($found) => '"'.mb_strimwidth((string) preg_replace('/[\x00-\x1f]/', '?', $found), 0, 60, '…').'"',
            is_bool($found) => $found ? 'true' : 'false',
            is_int($found), is_float($found) => is_finite((float) $found) ? sprintf('%.7g', $found) : 'no finite number',
            is_array($found) => 'a list of '.count($found),
            $found instanceof \stdClass => 'an object',
            default => 'null',
        };
    }

    private static function escaped(string $key): string
    {
        return strtr(mb_strimwidth($key, 0, 60, '…'), ['~' => '~0', '/' => '~1']);
    }
}
