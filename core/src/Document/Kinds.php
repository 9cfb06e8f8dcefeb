<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/**
 * What stands in a document as one of several kinds, told apart by its key "kind": an interface whose constant KINDS lists the
 * classes, and ANEW what does not stay when the kind changes. A further kind is one class and one line there, and no new version of the document.
 */
final class Kinds
{
    public const KEY = 'kind';

    /** @var array<class-string, array<string, class-string>> */
    private static array $added = [];

    /** @var array<class-string, string> */
    private static array $names = [];

    /**
     * @param string $type Native type name
     *
     * @return array<string, class-string> Classes by kind; none where the type is no kind of things
     */
    public static function of(string $type): array
    {
        if (!interface_exists($type) || !defined("$type::KINDS")) {
            return [];
        }
        /** @var array<string, class-string> $known */
        $known = constant("$type::KINDS");

        return $known + (self::$added[$type] ?? []);
    }

    /**
     * What an object of one kind does not hand on to one of another that takes its place.
     *
     * @return array<string, mixed> By key, with slashes for what stands deeper
     */
    public static function anew(string $type): array
    {
        /** @var array<string, mixed> $anew */
        $anew = defined("$type::ANEW") ? constant("$type::ANEW") : [];

        return $anew;
    }

    /**
     * What an object of a kind begins with, of what it must have and others have not: sizes of an example.
     *
     * @return array<string, mixed> By key
     */
    public static function typical(string $type, string $kind): array
    {
        /** @var array<string, array<string, mixed>> $typical */
        $typical = defined("$type::TYPICAL") ? constant("$type::TYPICAL") : [];

        return $typical[$kind] ?? [];
    }

    /**
     * The kind that a class stands for; null where it is no kind of anything.
     *
     * @param class-string $class
     */
    public static function nameOf(string $class): ?string
    {
        if (!isset(self::$names[$class])) {
            self::$names[$class] = '';
            foreach (class_implements($class) ?: [] as $interface) {
                $name = array_search($class, self::of($interface), true);
                self::$names[$class] = is_string($name) ? $name : self::$names[$class];
            }
        }

        return self::$names[$class] === '' ? null : self::$names[$class];
    }

    /**
     * A kind from elsewhere, for as long as this process runs.
     *
     * @param class-string $interface
     * @param class-string $class
     */
    public static function add(string $interface, string $name, string $class): void
    {
        self::$added[$interface][$name] = $class;
        self::$names = [];
    }

    /** @param class-string $interface */
    public static function remove(string $interface, string $name): void
    {
        unset(self::$added[$interface][$name]);
        self::$names = [];
    }
}
