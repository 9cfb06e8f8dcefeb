<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests;

use PHPUnit\Framework\TestCase;

/** The folders of the core are rooms: what stands in one may use others, and none of those uses it. */
final class RoomsTest extends TestCase
{
    public function test_no_room_is_reached_from_itself(): void
    {
        $uses = [];
        $root = dirname(__DIR__).'/src/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            $room = explode('/', substr($file->getPathname(), strlen($root)))[0];
            preg_match_all('/\bGarnetine\\\\Core\\\\(\w+)\\\\/', (string) file_get_contents($file->getPathname()), $found);
            $uses[$room] = ($uses[$room] ?? []) + array_fill_keys(array_diff($found[1], [$room]), true);
        }
        self::assertGreaterThan(12, count($uses));
        foreach (array_keys($uses) as $room) {
            $reached = [];
            $next = array_keys($uses[$room]);
            while ($next !== []) {
                $one = array_pop($next);
                if (!isset($reached[$one])) {
                    $reached[$one] = true;
                    array_push($next, ...array_keys($uses[$one] ?? []));
                }
            }
            self::assertArrayNotHasKey($room, $reached, "$room uses what uses $room");
        }
    }

    /** Both layers of rails are laid for the kit that holds them together; all else is looked for among numbers. */
    private const OF_A_KIT = ['CrossSearch.php', 'LowerRails.php'];

    public function test_beams_and_the_search_know_no_design(): void
    {
        foreach (['Beam', 'Search'] as $folder) {
            $files = glob(dirname(__DIR__)."/src/Attachment/$folder/*.php");
            self::assertNotSame([], $files ?: []);
            foreach ($files ?: [] as $file) {
                if (!in_array(basename($file), self::OF_A_KIT, true)) {
                    self::assertStringNotContainsString('Garnetine\Core\Design', (string) file_get_contents($file), $file);
                }
            }
        }
    }

    /** The one hot loop of the search is as long as it is fast. */
    private const LONG = ['FewestSearch.php extend'];

    public function test_no_function_is_longer_than_a_screen(): void
    {
        $functions = 0;
        // Of the application too, which the core stands beside.
        foreach ([...self::files(dirname(__DIR__).'/src'), ...self::files(dirname(__DIR__, 2).'/app')] as $file) {
            $tokens = array_values(array_filter(\PhpToken::tokenize((string) file_get_contents($file->getPathname())), static fn (\PhpToken $token): bool => !$token->isIgnorable()));
            foreach ($tokens as $place => $token) {
                if (!$token->is(T_FUNCTION)) {
                    continue;
                }
                for ($at = $place; isset($tokens[$at]) && !in_array($tokens[$at]->text, ['{', ';'], true); ++$at);
                $depth = 0;
                do {
                    $text = $tokens[$at]->text ?? '}';
                    $depth += in_array($text, ['{', '${'], true) ? 1 : ($text === '}' ? -1 : 0);
                    ++$at;
                } while ($depth > 0);
                ++$functions;
                $lines = ($tokens[$at - 1]->line ?? $token->line) - $token->line + 1;
                $name = $file->getFilename().' '.($tokens[$place + 1]->text ?? '');
                self::assertTrue($lines <= 60 || in_array($name, self::LONG, true), "$name has $lines lines");
            }
        }
        self::assertGreaterThan(600, $functions);
    }

    /** @return list<\SplFileInfo> */
    private static function files(string $folder): array
    {
        $files = [];
        foreach (is_dir($folder) ? new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) : [] as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            $files[] = $file;
        }

        return $files;
    }
}
