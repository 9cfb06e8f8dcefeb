<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Load;

use PHPUnit\Framework\TestCase;

/** Every comparison of the sources that may decide a stop, a refusal, a zone or a case stands in a list, with what tries both of its sides. A new one is not there yet. */
final class ComparisonsTest extends TestCase
{
    private const LIST = __DIR__.'/comparisons.txt';
    private const DECIDING = '~^(Load|Layout|Framing|Geometry|Plan)/|^Rail/(RailLines|Runs|FootPlaces|SnowOnRun|UpLines|OwnHand)\.|^Attachment/(?:\w+/)?(FastenerInMember|WoodWindow|ClampCheck|ModuleCheck|MemberLoading|Placing|Capacities)\.~';

    public function test_every_comparison_is_listed_with_what_tries_it(): void
    {
        $listed = [];
        foreach (file(self::LIST, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$tried, $comparison] = [...explode(' | ', $line, 2), ''];
            $listed[$comparison] = $tried;
        }
        $found = self::comparisons();
        self::assertGreaterThan(150, count($found));
        self::assertSame([], array_values(array_diff($found, array_keys($listed))), 'nobody says what tries these');
        self::assertSame([], array_values(array_diff(array_keys($listed), $found)), 'these are gone');
        foreach (array_unique(array_values($listed)) as $tried) {
            // A test by its name, or why there is nothing to be tried.
            self::assertTrue(str_starts_with($tried, 'no decision: ') || is_file(dirname(__DIR__)."/$tried.php"), $tried);
        }
    }

    /** @return list<string> File and line of code, without its place */
    private static function comparisons(): array
    {
        $root = dirname(__DIR__, 2).'/src/';
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            $name = substr($file->getPathname(), strlen($root));
            if (preg_match(self::DECIDING, $name) !== 1) {
                continue;
            }
            $source = (string) file_get_contents($file->getPathname());
            $code = explode("\n", $source);
            foreach (\PhpToken::tokenize($source) as $token) {
                $line = trim($code[$token->line - 1] ?? '');
                if ((in_array($token->text, ['<', '>', '<=', '>='], true) || $token->text === 'Printed') && preg_match('/^(use |for \(|final class)/', $line) !== 1) {
                    $found["$name: $line"] = true;
                }
            }
        }

        return array_keys($found);
    }
}
