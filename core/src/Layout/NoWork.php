<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Surface\NoWorkCircle;
use Garnetine\Core\Design\Surface\NoWorkRectangle;

/** Distances to no-work areas on the surface. */
final class NoWork
{
    /** Clear distance between an area and a rectangle; negative by the overlap when they lie on each other. */
    public static function distance_m(NoWorkRectangle|NoWorkCircle $area, float $x0_m, float $y0_m, float $x1_m, float $y1_m): float
    {
        if ($area instanceof NoWorkCircle) {
            $x_m = $area->x->toMetres();
            $y_m = $area->y->toMetres();
            $inside_m = min($x_m - $x0_m, $x1_m - $x_m, $y_m - $y0_m, $y1_m - $y_m);
            $away_m = $inside_m >= 0 ? -$inside_m : hypot(max($x0_m - $x_m, 0.0, $x_m - $x1_m), max($y0_m - $y_m, 0.0, $y_m - $y1_m));

            return $away_m - $area->diameter->toMetres() / 2;
        }
        $left_m = $area->x->toMetres();
        $low_m = $area->y->toMetres();
        $dx_m = max($x0_m - $left_m - $area->width->toMetres(), $left_m - $x1_m);
        $dy_m = max($y0_m - $low_m - $area->height->toMetres(), $low_m - $y1_m);

        return $dx_m < 0 && $dy_m < 0 ? max($dx_m, $dy_m) : hypot(max($dx_m, 0.0), max($dy_m, 0.0));
    }
}
