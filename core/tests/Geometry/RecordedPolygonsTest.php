<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Geometry;

use Garnetine\Core\Geometry\Polygon;
use PHPUnit\Framework\TestCase;

/**
 * Five hundred random outlines with corners in and out against what two other programs say of them, recorded in polygons.txt: GEOS 3.11.1 by
 * Shapely 1.8.5, and Clipper2 (npm clipper2-ts 2.0.1) for areas, insets and insides.
 */
final class RecordedPolygonsTest extends TestCase
{
    /**
     * What is asked, by a number; the two programs were asked the same.
     *
     * @return array{corners: list<array{float, float}>, points: list<array{float, float}>, box: array{float, float, float, float}, edge: int, far_m: float, slant: float, ray: array{float, float}, inset_m: float}
     */
    public static function asked(int $number): array
    {
        mt_srand($number);
        $count = 4 + $number % 7;
        $corners = [];
        for ($corner = 0; $corner < $count; ++$corner) {
            $angle = 2 * M_PI * ($corner + mt_rand(-350, 350) / 1000) / $count;
            $far_m = mt_rand(2000, 6000) / 1000;
            $corners[] = [round(7 + $far_m * cos($angle), 4), round(6 + $far_m * sin($angle), 4)];
        }
        $points = [];
        for ($point = 0; $point < 8; ++$point) {
            $points[] = [mt_rand(0, 14_000) / 1000 + 0.00037, mt_rand(0, 12_000) / 1000 + 0.00041];
        }
        [$left, $low] = [mt_rand(0, 12_000) / 1000, mt_rand(0, 10_000) / 1000];
        $turn = mt_rand(0, 6282) / 1000 + 0.0003;

        return [
            'corners' => $corners, 'points' => $points, 'box' => [$left, $low, $left + mt_rand(500, 2000) / 1000, $low + mt_rand(500, 2000) / 1000],
            'edge' => mt_rand(0, $count - 1), 'far_m' => mt_rand(300, 1500) / 1000, 'slant' => mt_rand(600, 1000) / 1000, 'ray' => [cos($turn), sin($turn)], 'inset_m' => mt_rand(20, 200) / 1000,
        ];
    }

    public function test_areas_insides_strips_distances_and_insets_are_as_two_other_programs_find_them(): void
    {
        $insets = 0;
        $lines = file(__DIR__.'/polygons.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: self::fail('Nothing is recorded.');
        $rows = array_values(array_filter($lines, static fn (string $line): bool => !str_starts_with($line, '#')));
        self::assertCount(500, $rows);
        foreach ($rows as $row) {
            [$number, $area, $inside, $inStrip, $apart, $away, $low, $high, $leaves, $inset] = explode(' ', $row);
            $asked = self::asked((int) $number);
            $polygon = new Polygon($asked['corners']);
            $edge = $polygon->edges()[$asked['edge']];
            self::assertTrue($polygon->isSimple());
            self::assertEqualsWithDelta((float) $area, $polygon->area_m2(), 1e-8, $row);
            $bits = static fn (\Closure $is): string => implode('', array_map(static fn (array $point): string => $is(...$point) ? '1' : '0', $asked['points']));
            self::assertSame($inside, $bits($polygon->contains(...)), $row);
            $strip = Polygon::strip($edge, $asked['far_m'], $asked['slant']);
            self::assertSame($inStrip, $bits(static fn (float $x, float $y): bool => Polygon::within($strip, $x, $y)), $row);
            self::assertEqualsWithDelta((float) $apart, Polygon::apart_m($edge, $asked['box']), 1e-8, $row);
            self::assertEqualsWithDelta((float) $away, Polygon::fromEdge_m($edge, ...$asked['points'][0]), 1e-8, $row);
            self::assertEqualsWithDelta([(float) $low, (float) $high], $polygon->upright_m(7.00037), 1e-8, $row);
            self::assertEqualsWithDelta((float) $leaves, $polygon->leaves_m(7.0, 6.0, ...$asked['ray'])[0] ?? null, 1e-8, $row);
            if ($inset !== '-') {
                ++$insets;
                self::assertEqualsWithDelta((float) $inset, (new Polygon($polygon->inset(array_fill(0, count($asked['corners']), $asked['inset_m']))))->area_m2(), 1e-8, $row);
            }
        }
        self::assertGreaterThan(300, $insets);
    }
}
