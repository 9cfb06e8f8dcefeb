<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Layout;

use Garnetine\Core\Design\Surface\NoWorkCircle;
use Garnetine\Core\Design\Surface\NoWorkKind;
use Garnetine\Core\Design\Surface\NoWorkRectangle;
use Garnetine\Core\Layout\NoWork;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which sides the wind reaches, and how near modules come to what is in the way. */
final class PlacementTest extends TestCase
{
    public function test_exposed_modules_agree_with_distances_measured_to_every_other_module(): void
    {
        $exposed = 0;
        for ($seed = 100; $seed < 140; ++$seed) {
            $scenario = Scenario::random($seed, 9);
            if ($seed % 2 === 0) {
                // A second module out beside the first makes a hole that opens.
                $scenario = $scenario->with('/block/left_out', [['row' => 1, 'column' => 2], ['row' => 1, 'column' => 3]]);
            }
            $plan = Planner::plan($scenario->design(), Depth::Checks);
            foreach ($plan->blocks[0]->placement->rows as $spots) {
                foreach ($spots as $spot) {
                    $sides = $spot->exposedSides;
                    sort($sides);
                    self::assertSame(self::exposedSides($plan, $spot->x_m, $spot->y_m), $sides, "seed $seed, module {$spot->row}.{$spot->column}");
                    $exposed += count($sides);
                }
            }
        }
        self::assertGreaterThan(40, $exposed);
    }

    /** @return list<string> The sides with no module within max(4·h2, 4 ft) and more than 0.5·h from the building edge */
    private static function exposedSides(Plan $plan, float $x_m, float $y_m): array
    {
        $design = $plan->design;
        [$w, $l] = [$plan->blocks[0]->placement->width_m, $plan->blocks[0]->placement->length_m];
        $slope_m = $design->surface->slopeLength->toMetres();
        $nearest = ['down' => INF, 'left' => INF, 'right' => INF, 'up' => INF];
        foreach ($plan->blocks[0]->placement->rows as $spots) {
            foreach ($spots as $other) {
                $besideX = $other->x_m < $x_m + $w && $other->x_m + $w > $x_m;
                $besideY = $other->y_m < $y_m + $l && $other->y_m + $l > $y_m;
                if ($besideY && $other->x_m > $x_m + 1e-9) {
                    $nearest['right'] = min($nearest['right'], $other->x_m - $x_m - $w);
                } elseif ($besideY && $other->x_m < $x_m - 1e-9) {
                    $nearest['left'] = min($nearest['left'], $x_m - $other->x_m - $w);
                } elseif ($besideX && $other->y_m > $y_m + 1e-9) {
                    $nearest['up'] = min($nearest['up'], $other->y_m - $y_m - $l);
                } elseif ($besideX && $other->y_m < $y_m - 1e-9) {
                    $nearest['down'] = min($nearest['down'], $y_m - $other->y_m - $l);
                }
            }
        }
        $edge = ['down' => $y_m, 'left' => $x_m, 'right' => $design->surface->width->toMetres() - $x_m - $w, 'up' => 2 * $slope_m - $y_m - $l];
        $open_m = max(4 * $design->block->topAboveRoof->toMetres(), 1.2192);

        return array_keys(array_filter($nearest, static fn (float $gap_m, string $side): bool => $gap_m > $open_m && $edge[$side] > 0.5 * $design->site->meanRoofHeight->toMetres(), ARRAY_FILTER_USE_BOTH));
    }

    /** @return iterable<string, array{float, float, float, float, float}> Rectangle and its clear distance to a circle of radius 1 at the origin */
    public static function circles(): iterable
    {
        yield 'beside' => [2.0, -1.0, 3.0, 1.0, 1.0];
        yield 'touching' => [1.0, -1.0, 3.0, 1.0, 0.0];
        yield 'off a corner' => [3.0, 4.0, 5.0, 6.0, 4.0];
        yield 'overlapping an edge' => [0.5, -1.0, 3.0, 1.0, -0.5];
        yield 'around the centre' => [-2.0, -2.0, 2.0, 2.0, -3.0];
    }

    #[DataProvider('circles')]
    public function test_distances_to_a_round_area(float $x0, float $y0, float $x1, float $y1, float $distance): void
    {
        // The coordinates of a design start at 0; here the whole picture is moved by 10.
        $circle = new NoWorkCircle('vent', NoWorkKind::PipeVent, Length::ofMetres(10), Length::ofMetres(10), Length::ofMetres(2), Length::ofMetres(0));
        self::assertEqualsWithDelta($distance, NoWork::distance_m($circle, $x0 + 10, $y0 + 10, $x1 + 10, $y1 + 10), 1e-9);
    }

    public function test_distances_to_a_rectangular_area(): void
    {
        $area = new NoWorkRectangle('light', NoWorkKind::Skylight, Length::ofMetres(2), Length::ofMetres(2), Length::ofMetres(1), Length::ofMetres(1), Length::ofMetres(0));
        self::assertEqualsWithDelta(1.0, NoWork::distance_m($area, 4.0, 2.0, 5.0, 3.0), 1e-12);
        self::assertEqualsWithDelta(5.0, NoWork::distance_m($area, 6.0, 7.0, 9.0, 9.0), 1e-12);
        self::assertEqualsWithDelta(-0.25, NoWork::distance_m($area, 2.75, 2.0, 5.0, 3.0), 1e-12);
    }
}
