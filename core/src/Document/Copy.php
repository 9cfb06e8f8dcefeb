<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** A copy of an object whose constructor takes its properties by their names, with some of them otherwise. */
final class Copy
{
    /** @var array<class-string, list<\ReflectionProperty>> In the order of the constructor */
    private static array $properties = [];

    /**
     * @template T of object
     *
     * @param T $one
     * @param mixed ...$changes By name
     *
     * @return T
     *
     * @throws \LogicException for a name that it does not have
     */
    public static function of(object $one, mixed ...$changes): object
    {
        $values = [];
        foreach (self::$properties[$one::class] ??= self::properties($one::class) as $property) {
            $name = $property->getName();
            $values[] = array_key_exists($name, $changes) ? $changes[$name] : $property->getValue($one);
            unset($changes[$name]);
        }
        if ($changes !== []) {
            throw new \LogicException(sprintf('%s has no %s.', $one::class, implode(', ', array_keys($changes))));
        }

        return new ($one::class)(...$values);
    }

    /**
     * @param class-string $class
     *
     * @return list<\ReflectionProperty>
     */
    private static function properties(string $class): array
    {
        $properties = [];
        foreach ((new \ReflectionMethod($class, '__construct'))->getParameters() as $parameter) {
            $properties[] = new \ReflectionProperty($class, $parameter->getName());
        }

        return $properties;
    }
}
