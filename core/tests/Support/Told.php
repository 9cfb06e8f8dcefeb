<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use PHPUnit\Framework\Assert;

/**
 * What is told, one thing a line, held against a record that somebody read and approved. A record says that nothing changed; that
 * it was right is for values by hand, laws and second opinions. Written anew with TOLD=write, and its changes read before they are kept.
 */
final class Told
{
    /** Longer things are told in parts. */
    private const LINE = 5000;

    /**
     * Each part on a line with its path, numbers to nine figures.
     *
     * @return list<string>
     */
    public static function lines(mixed $value, string $path = ''): array
    {
        $text = json_encode(self::rounded($value), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        $parts = is_object($value) ? get_object_vars($value) : $value;
        if (!is_array($parts) || $parts === [] || (strlen($text) < self::LINE && substr_count($path, '/') > 0)) {
            return ["$path = $text"];
        }
        $lines = [];
        foreach ($parts as $key => $part) {
            array_push($lines, ...self::lines($part, ltrim("$path/$key", '/').($path === '' ? '/' : '')));
        }

        return $lines;
    }

    private static function rounded(mixed $value): mixed
    {
        return match (true) {
            is_float($value) => abs($value) < 1e-9 ? 0.0 : (float) sprintf('%.9g', $value),
            is_array($value) => array_map(self::rounded(...), $value),
            is_object($value) => (object) array_map(self::rounded(...), get_object_vars($value)),
            default => $value,
        };
    }

    /** @param list<string> $lines */
    public static function assertApproved(string $file, array $lines): void
    {
        if (getenv('TOLD') === 'write') {
            file_put_contents($file, implode("\n", $lines)."\n");
        }
        $record = explode("\n", rtrim((string) file_get_contents($file), "\n"));
        foreach ($lines as $number => $line) {
            $approved = $record[$number] ?? 'nothing';
            if ($line !== $approved) {
                $same = strspn($line ^ $approved, "\0");
                $around = static fn (string $text): string => mb_strcut($text, max(0, $same - 60), 200);
                Assert::fail(sprintf("%s, line %d, %s, is told otherwise than approved.\napproved: …%s…\ntold:     …%s…", basename($file), $number + 1, explode(' = ', $line)[0], $around($approved), $around($line)));
            }
        }
        Assert::assertCount(count($record), $lines, 'something is no longer told');
    }
}
