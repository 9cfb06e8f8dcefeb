<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Geometry\Polygon;

/** One plane of a roof that fire crews go up. */
final readonly class FirePlane
{
    private const TOLERANCE_M = 1e-6;

    public function __construct(public Surface $surface, public float $array_m2)
    {
    }

    /** On the level. */
    public function roof_m2(): float
    {
        return Outline::of($this->surface)->polygon()->area_m2() * cos($this->surface->pitch->toRadians());
    }

    /** Whether one of its paths is whole. */
    public function hasPath(float $width_m): bool
    {
        return array_filter($this->paths(), fn (NoWorkRectangle $path): bool => $path->kind === NoWorkKind::FirePath && $this->isWhole($path, $width_m)) !== [];
    }

    /** What is kept free along a hip that runs from the lowest edge to the top: the most of any, its half of a path astride. */
    public function alongHip_m(): float
    {
        $outline = Outline::of($this->surface);
        $edges = $outline->polygon()->edges();
        $low_m = min([INF, ...array_map(static fn (array $ends): float => min($ends[0][1], $ends[1][1]), $edges)]);
        $high_m = max([-INF, ...array_map(static fn (array $ends): float => max($ends[0][1], $ends[1][1]), $edges)]);
        $kept_m = 0.0;
        foreach ($edges as $edge => [[, $from_m], [, $to_m]]) {
            [$kind, $setback_m] = $outline->edges()[$edge];
            $isWhole = min($from_m, $to_m) < $low_m + self::TOLERANCE_M && max($from_m, $to_m) > $high_m - self::TOLERANCE_M;
            $kept_m = $kind === EdgeKind::Hip && $isWhole ? max($kept_m, $setback_m) : $kept_m;
        }

        return $kept_m;
    }

    /** @return array<int, NoWorkRectangle> By place among the areas */
    public function paths(): array
    {
        return array_filter($this->surface->noWorkRectangles, static fn (NoWorkRectangle $area): bool => $area->kind->isPath());
    }

    /** Whether a strip is wide enough and runs from the lowest edge up to a ridge, or up to an escape window. */
    public function isWhole(NoWorkRectangle $path, float $width_m): bool
    {
        [$left_m, $low_m] = [$path->x->toMetres(), $path->y->toMetres()];
        [$right_m, $high_m] = [$left_m + $path->width->toMetres(), $low_m + $path->height->toMetres()];
        $polygon = Outline::of($this->surface)->polygon();
        foreach ([$left_m + self::TOLERANCE_M, ($left_m + $right_m) / 2, $right_m - self::TOLERANCE_M] as $x_m) {
            $ends_m = $polygon->upright_m($x_m);
            if ($ends_m === null || $low_m > $ends_m[0] + self::TOLERANCE_M || !$this->is($x_m, $ends_m[0], [EdgeKind::Eave, EdgeKind::Step])) {
                return false;
            }
            if ($path->kind === NoWorkKind::FirePath && ($high_m < $ends_m[1] - self::TOLERANCE_M || !$this->is($x_m, $ends_m[1], [EdgeKind::Ridge]))) {
                return false;
            }
        }

        return $right_m - $left_m >= $width_m - self::TOLERANCE_M;
    }

    /** @param list<EdgeKind> $kinds */
    private function is(float $x_m, float $y_m, array $kinds): bool
    {
        $outline = Outline::of($this->surface);
        foreach ($outline->polygon()->edges() as $edge => $ends) {
            if (in_array($outline->edges()[$edge][0], $kinds, true) && Polygon::fromEdge_m($ends, $x_m, $y_m) < 2 * self::TOLERANCE_M) {
                return true;
            }
        }

        return false;
    }
}
