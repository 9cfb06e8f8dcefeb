<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Quantity;

/**
 * The form of a document class, read off its constructor: the one description from which reader, writer and JSON schema come.
 */
final class Shape
{
    /** @var array<class-string, self> */
    private static array $known = [];

    /** @param array<string, Field> $fields By JSON key, in the order of the constructor */
    private function __construct(public readonly array $fields)
    {
    }

    /** @param class-string $class */
    public static function of(string $class): self
    {
        return self::$known[$class] ??= new self(self::read($class));
    }

    /**
     * @param class-string $class
     *
     * @return array<string, Field>
     */
    private static function read(string $class): array
    {
        $fields = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->getAttributes(Derived::class) !== []) {
                continue;
            }
            $field = self::field($class, $parameter);
            $fields[$field->key] = $field;
        }

        return $fields;
    }

    private static function field(string $class, \ReflectionParameter $parameter): Field
    {
        $type = $parameter->getType();
        if (!$type instanceof \ReflectionNamedType) {
            throw new \LogicException(sprintf('%s::$%s needs one native type.', $class, $parameter->getName()));
        }
        $name = $type->getName();
        $key = strtolower((string) preg_replace('/(?<=[a-z0-9])[A-Z]/', '_$0', $parameter->getName()));
        if (is_a($name, Quantity::class, true)) {
            $key .= '_'.$name::dimension()->value;
        }

        return new Field(
            $key,
            $parameter->getName(),
            $name,
            $type->allowsNull(),
            self::attribute($parameter, Range::class),
            self::attribute($parameter, Text::class),
            self::attribute($parameter, Items::class),
            self::attribute($parameter, Keyed::class),
            $parameter->isDefaultValueAvailable(),
            $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null,
        );
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $attribute
     *
     * @return T|null
     */
    private static function attribute(\ReflectionParameter $parameter, string $attribute): ?object
    {
        $found = $parameter->getAttributes($attribute);

        return $found === [] ? null : $found[0]->newInstance();
    }

    /** The dimension of a quantity class, or null for any other type name. */
    public static function dimension(string $type): ?Dimension
    {
        return is_a($type, Quantity::class, true) ? $type::dimension() : null;
    }
}
