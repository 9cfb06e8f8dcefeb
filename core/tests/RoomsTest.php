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
}
