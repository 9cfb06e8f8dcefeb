<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Geometry;

use Garnetine\Core\Geometry\FromTape;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Load\ZoneMap;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Outlines of any shape: what is one, what lies inside, how far things are from its edges, and the strips along them. */
final class PolygonTest extends TestCase
{
    /** @return iterable<string, array{list<array{float, float}>, bool}> */
    public static function shapes(): iterable
    {
        yield 'a rectangle' => [[[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [0.0, 3.0]], true];
        yield 'an L' => [[[0.0, 0.0], [4.0, 0.0], [4.0, 1.0], [2.0, 1.0], [2.0, 3.0], [0.0, 3.0]], true];
        yield 'a bow' => [[[0.0, 0.0], [4.0, 3.0], [4.0, 0.0], [0.0, 3.0]], false];
        yield 'two corners' => [[[0.0, 0.0], [4.0, 0.0]], false];
        yield 'a corner twice' => [[[0.0, 0.0], [4.0, 0.0], [4.0, 0.0], [0.0, 3.0]], false];
        yield 'a spike back over an edge' => [[[0.0, 0.0], [4.0, 0.0], [2.0, 0.0], [2.0, 3.0]], false];
        yield 'a corner on another edge' => [[[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [2.0, 0.0], [0.0, 3.0]], false];
        yield 'a corner within an edge' => [[[0.0, 0.0], [2.0, 0.0], [4.0, 0.0], [4.0, 3.0]], true];
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('shapes')]
    public function test_only_a_simple_outline_is_one(array $corners, bool $isSimple): void
    {
        self::assertSame($isSimple, (new Polygon($corners))->isSimple());
        self::assertSame($isSimple, (new Polygon(array_reverse($corners)))->isSimple());
    }

    /** A polygon that is seen whole from its middle, with corners in and out. */
    private static function star(int $seed, int $corners): Polygon
    {
        mt_srand($seed);
        $angles = [];
        for ($corner = 0; $corner < $corners; ++$corner) {
            $angles[] = 2 * M_PI * ($corner + mt_rand(-350, 350) / 1000) / $corners;
        }

        return new Polygon(array_map(static function (float $angle): array {
            $far_m = mt_rand(2000, 6000) / 1000;

            return [7 + $far_m * cos($angle), 6 + $far_m * sin($angle)];
        }, $angles));
    }

    public function test_area_and_inside_agree_with_a_fan_of_triangles(): void
    {
        for ($seed = 0; $seed < 100; ++$seed) {
            $polygon = self::star($seed, 4 + $seed % 7);
            self::assertTrue($polygon->isSimple());
            $area_m2 = 0.0;
            $fan = static fn (float $x, float $y): bool => array_filter($polygon->edges(), static fn (array $edge): bool => self::inTriangle([7.0, 6.0], $edge[0], $edge[1], $x, $y)) !== [];
            foreach ($polygon->edges() as [[$x0, $y0], [$x1, $y1]]) {
                $area_m2 += (($x0 - 7) * ($y1 - 6) - ($x1 - 7) * ($y0 - 6)) / 2;
            }
            self::assertEqualsWithDelta($area_m2, $polygon->area_m2(), 1e-9);
            for ($point = 0; $point < 40; ++$point) {
                [$x, $y] = [mt_rand(0, 14_000) / 1000 + 1e-5, mt_rand(0, 12_000) / 1000 + 1e-5];
                self::assertSame($fan($x, $y), $polygon->contains($x, $y), "seed $seed at $x, $y");
            }
        }
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     */
    private static function inTriangle(array $a, array $b, array $c, float $x, float $y): bool
    {
        $left = static fn (float $px, float $py, float $qx, float $qy): bool => ($qx - $px) * ($y - $py) - ($qy - $py) * ($x - $px) >= 0;

        return $left($a[0], $a[1], $b[0], $b[1]) && $left($b[0], $b[1], $c[0], $c[1]) && $left($c[0], $c[1], $a[0], $a[1]);
    }

    public function test_distances_and_rays_agree_with_many_points_tried(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $polygon = self::star($seed, 5 + $seed % 4);
            $box = [$x = mt_rand(2000, 9000) / 1000, $y = mt_rand(2000, 8000) / 1000, $x + 1.0, $y + 1.7];
            $sides = [];
            for ($part = 0; $part <= 200; ++$part) {
                array_push($sides, [$x + $part / 200, $y], [$x + $part / 200, $y + 1.7], [$x, $y + 1.7 * $part / 200], [$x + 1.0, $y + 1.7 * $part / 200]);
            }
            foreach ($polygon->edges() as $edge) {
                $apart_m = min(array_map(static fn (array $at): float => Polygon::fromEdge_m($edge, $at[0], $at[1]), $sides));
                self::assertEqualsWithDelta($apart_m, Polygon::apart_m($edge, $box), 0.005);
            }
            $isOut = array_filter($sides, static fn (array $at): bool => !$polygon->contains($at[0], $at[1])) !== [];
            self::assertSame($isOut, $polygon->beyond_m($box)[0] > 0.0, "seed $seed");
            foreach ([[1.0, 0.0], [0.0, 1.0], [-1.0, 0.0], [0.0, -1.0]] as [$dx, $dy]) {
                for ($far_m = 0.0; $polygon->contains(7 + $far_m * $dx, 6 + $far_m * $dy); $far_m += 0.001);
                $left = $polygon->leaves_m(7.0, 6.0, $dx, $dy);
                self::assertEqualsWithDelta($far_m, $left[0] ?? -1.0, 0.0011);
                self::assertEqualsWithDelta(0.0, Polygon::fromEdge_m($polygon->edges()[$left[1] ?? 0], 7 + ($left[0] ?? 0.0) * $dx, 6 + ($left[0] ?? 0.0) * $dy), 1e-9);
            }
            // From an edge inward as from a hair within it.
            foreach ($polygon->edges() as [[$x0, $y0], [$x1, $y1]]) {
                [$x, $y, $long] = [($x0 + $x1) / 2, ($y0 + $y1) / 2, hypot($x1 - $x0, $y1 - $y0)];
                [$dx, $dy] = [-($y1 - $y0) / $long, ($x1 - $x0) / $long];
                $within = $polygon->leaves_m($x + 0.001 * $dx, $y + 0.001 * $dy, $dx, $dy);
                self::assertEqualsWithDelta(0.001 + ($within[0] ?? -1.0), $polygon->leaves_m($x, $y, $dx, $dy)[0] ?? -1.0, 1e-6);
            }
        }
    }

    public function test_strips_tile_the_outline_and_each_piece_lies_in_those_that_it_is_asked_with(): void
    {
        for ($seed = 0; $seed < 60; ++$seed) {
            $polygon = self::star($seed, 4 + $seed % 6);
            $slant = cos(0.1 * ($seed % 8));
            $strips = array_map(static fn (array $edge): array => Polygon::strip($edge, 0.9, $slant), $polygon->edges());
            $map = ZoneMap::laid($polygon, $strips, static fn (array $edges): string => implode(',', $edges));
            self::assertEqualsWithDelta($polygon->area_m2(), array_sum(array_map(static fn (array $part): float => (new Polygon($part['corners']))->area_m2(), $map->parts())), 1e-8, "seed $seed");
            foreach ($map->parts() as ['zone' => $zone, 'corners' => $corners]) {
                [$x, $y] = [array_sum(array_column($corners, 0)) / count($corners), array_sum(array_column($corners, 1)) / count($corners)];
                self::assertTrue($polygon->contains($x, $y));
                self::assertSame($zone, implode(',', array_keys(array_filter($strips, static fn (array $halves): bool => Polygon::within($halves, $x, $y)))));
            }
            // As far as a on the level, and no further, inward from the middle of each edge.
            foreach ($polygon->edges() as $edge => [[$x0, $y0], [$x1, $y1]]) {
                $length_m = hypot($x1 - $x0, $slant * ($y1 - $y0));
                $inward = static fn (float $by_m): array => [($x0 + $x1) / 2 - $slant * ($y1 - $y0) / $length_m * $by_m, ($y0 + $y1) / 2 + ($x1 - $x0) / $length_m * $by_m / $slant];
                self::assertSame([true, false], [Polygon::within($strips[$edge], ...$inward(0.899)), Polygon::within($strips[$edge], ...$inward(0.901))]);
            }
        }
    }

    /**
     * @param array{float, float} $one
     * @param array{float, float} $other
     */
    private static function between(array $one, array $other): float
    {
        return hypot($one[0] - $other[0], $one[1] - $other[1]);
    }

    public function test_a_tape_around_a_plane_gives_its_corners(): void
    {
        // A worked example in inches: eave 480, right 200, top 478, left 202, diagonal from the lower left 515; the other is 523.9.
        $corners = FromTape::corners([480.0, 200.0, 478.0, 202.0], [515.0]);
        self::assertIsArray($corners);
        self::assertEqualsWithDelta([474.6, 199.9, -3.4, 202.0], [$corners[2][0] - $corners[0][0], $corners[2][1], $corners[3][0] - $corners[0][0], $corners[3][1]], 0.05);
        self::assertEqualsWithDelta(523.9, hypot($corners[3][0] - $corners[1][0], $corners[3][1] - $corners[1][1]), 0.05);
        self::assertSame([0.0, 0.0], [$corners[3][0], $corners[0][1]]);
        self::assertSame([3, 4], [FromTape::corners([480.0, 20.0, 478.0, 202.0], [515.0]), FromTape::corners([480.0, 200.0, 78.0, 202.0], [515.0])]);
        for ($seed = 0; $seed < 50; ++$seed) {
            $convex = array_map(static fn (float $angle): array => [5 * cos($angle), 3 * sin($angle)], range(-M_PI / 2 - 0.3, 3 * M_PI / 2 - 0.6 - 0.02 * $seed, 2 * M_PI / (4 + $seed % 5)));
            $edges_m = array_map(static fn (array $edge): float => self::between($edge[0], $edge[1]), (new Polygon($convex))->edges());
            $found = FromTape::corners($edges_m, array_map(static fn (array $corner): float => self::between($convex[0], $corner), array_slice($convex, 2, -1)));
            self::assertIsArray($found);
            foreach ($convex as $one => $corner) {
                foreach ($convex as $other => $opposite) {
                    self::assertEqualsWithDelta(self::between($corner, $opposite), self::between($found[$one], $found[$other]), 1e-9);
                }
            }
            self::assertEqualsWithDelta((new Polygon($convex))->area_m2(), (new Polygon($found))->area_m2(), 1e-9);
        }
    }
}
