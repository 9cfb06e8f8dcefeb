<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Geometry;

use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Geometry\PointsFile;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Corners of a plane out of tables and drawings, wherever their origin is and whichever way round they go. */
final class PointsFileTest extends TestCase
{
    /** A plane with a valley, counter-clockwise from the lower left, in metres, and the kinds of its edges. */
    private const PLANE = [[0.0, 0.0, 'eave'], [9.0, 0.0, 'rake'], [9.0, 3.0, 'valley'], [6.5, 5.0, 'ridge'], [0.0, 5.0, 'rake']];

    /**
     * @param list<array{float, float, string}> $corners
     * @param list<string> $header
     */
    private static function table(array $corners, array $header = ['x_m', 'y_m', 'edge'], float $perMetre = 1.0, string $separator = ','): string
    {
        return implode("\n", array_map(static fn (array $row): string => implode($separator, $row), [$header, ...array_map(static fn (array $one): array => [(string) ($one[0] * $perMetre), (string) ($one[1] * $perMetre), $one[2]], $corners)]));
    }

    /** @param list<array{int, int|float|string}> $pairs */
    private static function pairs(array $pairs): string
    {
        return implode('', array_map(static fn (array $pair): string => "$pair[0]\n$pair[1]\n", $pairs));
    }

    /** @param list<array{int, int|float|string}> $more Groups of the outline besides its corners */
    private static function drawing(int $unit, float $perMetre, string $layer = 'ROOF', bool $isOld = false, array $more = [], string $besides = ''): string
    {
        $entity = $isOld ? [[0, 'POLYLINE'], [8, $layer], [66, 1], [10, 0.0], [20, 0.0], [70, 1]] : [[0, 'LWPOLYLINE'], [8, $layer], [90, 5], [70, 1]];
        foreach (self::PLANE as [$x, $y]) {
            array_push($entity, ...$isOld ? [[0, 'VERTEX'], [8, $layer]] : [], ...[[10, (100 + $x) * $perMetre], [20, (-40 + $y) * $perMetre]]);
        }

        return self::pairs([[0, 'SECTION'], [2, 'HEADER'], [9, '$INSUNITS'], [70, $unit], [9, '$MEASUREMENT'], [70, 1], [0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']]).$besides.self::pairs([...$entity, ...$more, ...$isOld ? [[0, 'SEQEND']] : [], [0, 'ENDSEC'], [0, 'EOF']]);
    }

    /** @return iterable<string, array{string, bool}> A file, and whether it tells the edges */
    public static function files(): iterable
    {
        yield 'metres' => [self::table(self::PLANE), true];
        yield 'millimetres by semicolons, commas as points' => [str_replace('.', ',', self::table(self::PLANE, ['X (mm)', 'Y (mm)', 'Edge'], 1000.4 / 1.0004, ';')), true];
        yield 'feet from another origin' => [self::table(array_map(static fn (array $one): array => [$one[0] + 31.0, $one[1] - 7.0, $one[2]], self::PLANE), ['x_ft', 'y_ft', 'edge'], 1 / 0.3048), true];
        yield 'begun elsewhere, told to its end' => [self::table([...array_slice(self::PLANE, 3), ...array_slice(self::PLANE, 0, 4)]), true];
        // Clockwise: the edge from each corner is then the one that comes before.
        yield 'clockwise' => [self::table(array_map(static fn (int $at): array => [self::PLANE[$at][0], self::PLANE[$at][1], self::PLANE[($at + 4) % 5][2]], [4, 3, 2, 1, 0])), true];
        yield 'a unit in each cell' => ["y,x\n0 m,0 mm\n0 m,9000 mm\n3 m,9 m\n5 m,6500 mm\n5000 mm,0 m\n", false];
        yield 'a drawing in inches' => [self::drawing(1, 1 / 0.0254), false];
        yield 'an older one in feet, lines ended as on other systems' => [str_replace("\n", "\r\n", self::drawing(2, 1 / 0.3048, 'any', true)), false];
        yield 'in centimetres, one of two on the layer of the roof' => [self::drawing(5, 100.0, 'Roof', besides: self::pairs([[0, 'LWPOLYLINE'], [8, 'other'], [70, 1], [10, 0], [20, 0], [10, 9], [20, 0], [10, 9], [20, 9], [0, 'LINE'], [8, 'ROOF'], [10, 1], [20, 1], [11, 2], [21, 2]])), false];
    }

    #[DataProvider('files')]
    public function test_a_plane_is_read_out_of_any_of_them(string $file, bool $tellsEdges): void
    {
        $found = PointsFile::read($file, '/surface/outline');
        self::assertCount(5, $found['corners']);
        foreach (self::PLANE as $index => [$x_m, $y_m, $edge]) {
            self::assertEqualsWithDelta([$x_m, $y_m], $found['corners'][$index], 1e-6);
            self::assertSame($tellsEdges ? $edge : '', $found['edges'][$index]);
        }
        $surface = Edits::apply(Scenario::of()->design(), [['points' => $file]])->surface;
        self::assertEqualsWithDelta([9.0, 5.0], [$surface->width->toMetres(), $surface->slopeLength->toMetres()], 1e-6);
        self::assertSame($tellsEdges ? ['eave', 'rake', 'valley', 'ridge', 'rake'] : ['eave', 'rake', 'rake', 'ridge', 'rake'], array_map(static fn ($one): string => $one->edge->value, $surface->outline));
        self::assertSame(EdgeKind::Eave, $surface->outline[0]->edge);
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'nothing' => ['', 'a table of corners, or a drawing, found nothing'];
        yield 'no columns' => ["0,0\n9,0\n9,5\n", 'columns x and y, with their unit, in the first row: x_mm, y_mm, found "0, 0"'];
        yield 'a word for a number' => [self::table([[0.0, 0.0, ''], [9.0, 0.0, ''], [9.0, 5.0, '']])."\nnine,5,", 'a number for x in line 5, found "nine"'];
        yield 'infinite' => ["x_m,y_m\n0,0\n1e999,0\n0,4\n", 'a number for x in line 3, found "1e999"'];
        yield 'no unit anywhere' => ["x,y\n0 m,0 m\n9,0 m\n", 'a unit for x in line 3, or in the name of its column, found "9"'];
        yield 'a unit that is none' => ["x,y\n0 m,0 m\n9 m,4 parsecs\n", 'y in line 3: '];
        yield 'two corners' => [self::table(array_slice(self::PLANE, 0, 2)), 'three to 40 corners, found 2'];
        yield 'too many' => [self::table(array_fill(0, 60, [1.0, 2.0, ''])), 'at most 40 corners, found more by line 43'];
        yield 'an edge of no kind' => [self::table([[0.0, 0.0, 'gutter'], [9.0, 0.0, ''], [9.0, 5.0, '']]), 'edges of the kinds eave, ridge, rake, hip, valley, wall, step, joint, found "gutter"'];
        yield 'a drawing without a unit' => [self::drawing(0, 1.0), 'a drawing that says its unit: $INSUNITS of inches, feet, millimetres, centimetres or metres, found 0'];
        yield 'two outlines' => [self::drawing(6, 1.0, 'a', besides: self::pairs([[0, 'LWPOLYLINE'], [8, 'b'], [70, 1], [10, 0], [20, 0], [10, 9], [20, 0], [10, 9], [20, 9]])), 'one on the layer ROOF, found 2 closed, 0 on ROOF'];
        yield 'an open one' => [str_replace("70\n1\n10", "70\n0\n10", self::drawing(6, 1.0)), 'found 0 closed'];
        yield 'an arc' => [self::drawing(6, 1.0, more: [[42, 0.5]]), 'straight edges, found an arc'];
        yield 'broken half-way' => [substr_replace(self::drawing(6, 1.0), "??\n", 120, 0), 'the number of a group in line'];
        yield 'huge' => [str_repeat('x', PointsFile::MOST_BYTES + 1), 'a file of at most 2 MB, found 2.0 MB'];
        yield 'other bytes' => ["x_m,y_m\n\xff\xfe,0\n", 'a table in UTF-8'];
    }

    #[DataProvider('broken')]
    public function test_what_is_none_is_refused_with_its_line(string $file, string $says): void
    {
        try {
            Edits::apply(Scenario::of()->design(), [['points' => $file]]);
            self::fail('nothing was refused');
        } catch (DocumentInvalid $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }
}
