<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** Writes the JSON schema (draft 2020-12) of a document class, from the same shape that the reader uses. */
final class Schema
{
    /** @var array<string, mixed> */
    private array $definitions = [];

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    public static function of(string $class, string $title): array
    {
        $schema = new self();
        $root = $schema->object($class);

        return ['$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => $title] + $root
            + ['$defs' => $schema->definitions === [] ? new \stdClass() : $schema->definitions];
    }

    /**
     * @param class-string $class
     *
     * @return array{type: string, properties: array<string, mixed>, required: list<string>, additionalProperties: bool}
     */
    private function object(string $class): array
    {
        $properties = [];
        $required = [];
        foreach (Shape::of($class)->fields as $key => $field) {
            $schema = $this->field($field);
            $properties[$key] = $field->optional ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema;
            if (!$field->optional && !$field->hasUsual) {
                $required[] = $key;
            }
        }

        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    private function field(Field $field): array
    {
        if ($field->items !== null) {
            return ['type' => 'array', 'items' => $this->reference($field->items->of), 'maxItems' => $field->items->most];
        }
        if ($field->keyed !== null) {
            return $this->map($field->keyed);
        }
        if (is_a($field->type, \BackedEnum::class, true)) {
            return ['enum' => array_map(static fn (\BackedEnum $case): int|string => $case->value, $field->type::cases())];
        }
        if (Shape::dimension($field->type) !== null || $field->type === 'float') {
            return self::number($field, 'number');
        }

        return match ($field->type) {
            'int' => self::number($field, 'integer'),
            'bool' => ['type' => 'boolean'],
            'string' => self::text($field->text ?? new Text()),
            default => class_exists($field->type) ? $this->reference($field->type) : $this->kinds($field->type),
        };
    }

    /** @return array<string, mixed> */
    private function kinds(string $type): array
    {
        $kinds = Kinds::of($type);

        return $kinds === [] ? throw new \LogicException("No schema for $type") : ['oneOf' => array_values(array_map($this->reference(...), $kinds))];
    }

    /** @return array<string, mixed> */
    private function map(Keyed $rule): array
    {
        $value = match (true) {
            $rule->of !== null => $this->reference($rule->of),
            $rule->only !== null => ['const' => $rule->only],
            default => self::text(new Text($rule->longest)),
        };
        $schema = ['type' => 'object', 'maxProperties' => $rule->most];
        if ($rule->keys === null) {
            return $schema + ['additionalProperties' => $value, 'propertyNames' => ['pattern' => '^(?:'.$rule->pattern.')$']];
        }

        return $schema + ['properties' => array_fill_keys($rule->keys, $value), 'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    private static function number(Field $field, string $type): array
    {
        return ['type' => $type] + ($field->range === null ? [] : ['minimum' => $field->range->min, 'maximum' => $field->range->max]);
    }

    /** @return array<string, mixed> */
    private static function text(Text $rule): array
    {
        return ['type' => 'string', 'minLength' => $rule->shortest, 'maxLength' => $rule->longest,
            'pattern' => $rule->pattern === null ? '^[^\x00-\x08\x0b-\x1f]*$' : '^(?:'.$rule->pattern.')$'];
    }

    /**
     * @param class-string $class
     *
     * @return array{'$ref': string}
     */
    private function reference(string $class): array
    {
        $name = substr((string) strrchr($class, '\\'), 1);
        if (!isset($this->definitions[$name])) {
            $this->definitions[$name] = [];
            $object = $this->object($class);
            $kind = Kinds::nameOf($class);
            $this->definitions[$name] = $kind === null
                ? $object
                : ['properties' => [Kinds::KEY => ['const' => $kind]] + $object['properties'], 'required' => [Kinds::KEY, ...$object['required']]] + $object;
        }

        return ['$ref' => '#/$defs/'.$name];
    }
}
