<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Design;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Whatever is typed, drawn or sent: a new design that reads back and plans, or a clear no. Never anything else. */
final class AnyEditTest extends TestCase
{
    private const TYPED = [
        '', ' ', '0', '-1', '1', '12 in', "6' 2 1/2", '1e3 m', '1e999 in', 'NaN', 'inf mph', '115 mph', '50 m/s', '15 psf', '1 kPa', '4 in 12', '20°', '0.5', 'yes', 'no', 'unknown', 'X', 'B', 'II',
        '1/0 in', "'", '"', '½ in', '１２ in', "a\u{0}b", "\u{202E}12 in", '<script>', '99999999999999999999', '12 in 12 ft', '--5 in', '5 lb', '40 in3', '2026-02-30',
    ];

    /** @return list<string> Every place of a design, lists by their first entries, and some that are none */
    private static function places(Design $design): array
    {
        $places = ['', '/', '/as_typed', '/nothing', '/site/nothing', '/surface/width_m/x', '/block/left_out/0', '/surface/penetrations/99/x_m', '/survey/leaks/answer', '/survey/nothing/answer', '/own_copies/0', '/confirmations'];
        $walk = static function (mixed $value, string $path) use (&$walk, &$places): void {
            $places[] = $path;
            foreach ($value instanceof \stdClass || is_array($value) ? (array) $value : [] as $key => $inner) {
                $walk($inner, "$path/$key");
            }
        };
        $walk(Writer::toArray($design), '');

        return array_values(array_filter($places, static fn (string $path): bool => !str_starts_with($path, '/as_typed/')));
    }

    private static function something(): mixed
    {
        $values = [null, true, 0, -1, 1, 3.5, -0.0, 1e300, 1e-300, '', 'x', '12 in', [], [[]], ['x' => 1], [1, 2, 3], str_repeat('x', 5000), [['id' => 'a', 'x_m' => 1]], PHP_INT_MAX];

        return $values[mt_rand(0, count($values) - 1)];
    }

    public function test_any_edit_gives_a_design_that_reads_back_and_plans_or_a_clear_no(): void
    {
        mt_srand(20261125);
        $design = Scenario::of()->design();
        $places = self::places($design);
        $taken = $refused = 0;
        for ($try = 0; $try < 3000; ++$try) {
            $path = $places[mt_rand(0, count($places) - 1)];
            $edit = match (mt_rand(0, 7)) {
                0, 1, 2 => ['path' => $path, 'typed' => self::TYPED[mt_rand(0, count(self::TYPED) - 1)]],
                3 => ['path' => $path, 'value' => self::something()],
                4 => ['path' => $path, mt_rand(0, 1) === 0 ? 'add' : 'remove' => mt_rand(0, 3) > 0 ? true : self::something()],
                5 => ['toggle' => mt_rand(0, 2) > 0 ? ['row' => mt_rand(-1, 4), 'column' => mt_rand(-1, 12)] : self::something()],
                6 => ['move' => mt_rand(0, 2) > 0 ? ['x_m' => self::something(), 'y_m' => mt_rand(-10, 40) / 7] : self::something()],
                default => ['area' => mt_rand(0, 3) > 0 ? ['id' => mt_rand(0, 1) === 0 ? null : 'plumbing-vent', 'round' => mt_rand(0, 1) === 0, 'x_m' => mt_rand(0, 99) / 9, 'y_m' => self::something(), 'width_m' => mt_rand(-5, 20) / 9, 'height_m' => mt_rand(0, 30) / 9] : self::something()],
            };
            try {
                $after = Edits::apply($design, [$edit]);
            } catch (DocumentInvalid $no) {
                ++$refused;
                self::assertNotSame([], $no->faults);
                self::assertNotSame('', $no->faults[0]->expected, (string) json_encode($edit, JSON_PARTIAL_OUTPUT_ON_ERROR));
                continue;
            }
            ++$taken;
            $text = DesignFile::write(Project::ofOne($after));
            self::assertSame($text, DesignFile::write(DesignFile::read($text)), (string) json_encode($edit, JSON_PARTIAL_OUTPUT_ON_ERROR));
            if ($taken % 12 === 0) {
                self::assertNotSame('', Planner::plan($after, Depth::Checks)->status()->value);
            }
        }
        self::assertGreaterThan(300, $taken);
        self::assertGreaterThan(1000, $refused);
    }
}
