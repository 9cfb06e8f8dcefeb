<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Layout\NoWork;

/** Ends of rails, which reach past the modules: on the surface, off what is kept free along its edges and around no-work areas. */
final class RailEnds
{
    private const TOLERANCE_M = 1e-6;

    /**
     * @param list<Run> $runs
     * @param list<Finding> $ofModules Where modules are across, nothing is said of the rails under them
     *
     * @return list<Finding> One for each edge and area, by the rail that is the nearest
     */
    public static function findings(Design $design, array $runs, array $ofModules): array
    {
        $told = array_map(
            static fn (Finding $one): mixed => match ($one->code) {
                Code::OutsideSurface, Code::AcrossSetback => $one->values['edge'],
                Code::OverNoWorkArea => $one->values['area'],
                default => null,
            },
            $ofModules,
        );
        $surface = $design->surface;
        $outline = Outline::of($surface);
        $polygon = $outline->polygon();
        $ends = $polygon->edges();
        $findings = [];
        foreach ($outline->edges() as $edge => [$kind, $kept_m]) {
            $name = self::name($outline, $kind, $edge);
            $clear_m = static function (float $x_m, float $y_m) use ($polygon, $ends, $edge): float {
                $away_m = Polygon::fromEdge_m($ends[$edge], $x_m, $y_m);

                return $polygon->contains($x_m, $y_m) || self::nearest($ends, $x_m, $y_m) !== $edge ? $away_m : -$away_m;
            };
            array_push($findings, ...in_array($name, $told, true) ? [] : self::short($runs, $clear_m, $kept_m, ['edge' => $name]));
        }
        foreach ([...$surface->noWorkRectangles, ...$surface->noWorkCircles] as $area) {
            $clear_m = static fn (float $x_m, float $y_m): float => NoWork::distance_m($area, $x_m, $y_m, $x_m, $y_m);
            array_push($findings, ...in_array($area->id, $told, true) ? [] : self::short($runs, $clear_m, $area->clearance->toMetres(), ['edge' => $area->id]));
        }

        return $findings;
    }

    private static function name(Outline $outline, EdgeKind $kind, int $edge): string
    {
        return match (true) {
            $outline->given !== [] => $kind->value.' '.($edge + 1),
            $kind === EdgeKind::Eave, $kind === EdgeKind::Ridge => $kind->value,
            default => $edge === 1 ? 'right' : 'left',
        };
    }

    /**
     * @param list<Run> $runs
     * @param \Closure(float, float): float $clear_m From a point; below zero beyond
     * @param array{edge: string} $values
     *
     * @return list<Finding> None, or one
     */
    private static function short(array $runs, \Closure $clear_m, float $kept_m, array $values): array
    {
        $worst_m = $kept_m - self::TOLERANCE_M;
        $worst = null;
        foreach ($runs as $run) {
            $end_m = min($clear_m(...$run->line->point_m($run->x0_m)), $clear_m(...$run->line->point_m($run->x1_m)));
            if ($end_m < $worst_m) {
                [$worst_m, $worst] = [$end_m, $run->id];
            }
        }

        return $worst === null
            ? []
            : [Finding::of(Code::RailEndAcross, '/kit/rail/end_past_module_m', $values + ['run' => $worst, 'by_m' => $kept_m - $worst_m])];
    }

    /** @param list<array{array{float, float}, array{float, float}}> $ends */
    private static function nearest(array $ends, float $x_m, float $y_m): int
    {
        $away_m = array_map(static fn (array $edge): float => Polygon::fromEdge_m($edge, $x_m, $y_m), $ends);

        return (int) array_search(min([INF, ...$away_m]), $away_m, true);
    }
}
