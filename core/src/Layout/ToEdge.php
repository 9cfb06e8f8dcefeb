<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Site\RidgeReading;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Design\Surface\Surface;
use Garnetine\Core\Geometry\Polygon;

/**
 * How far it is from the sides of modules to the building's edge, along the slope and along the eave.
 *
 * Over a ridge it goes on to the far eave (severe reading) or ends there. By corners the longest of three rays counts, from both ends
 * of a side and its middle; over a hip, a valley, a joint or a wall the way on is not known and taken as without end.
 */
final readonly class ToEdge
{
    private function __construct(
        private float $width_m,
        private float $slope_m,
        private float $overRidge_m,
        private ?Polygon $polygon,
        private Outline $outline,
    ) {
    }

    public static function of(Surface $surface, RidgeReading $reading): self
    {
        $outline = Outline::of($surface);
        $slope_m = $surface->slopeLength->toMetres();

        return new self(
            $surface->width->toMetres(),
            $slope_m,
            $reading === RidgeReading::FarEave ? $slope_m : 0.0,
            $outline->given === [] ? null : $outline->polygon(),
            $outline,
        );
    }

    /** From a side of a rectangle: left, right, down or up. */
    public function from_m(float $x_m, float $y_m, float $width_m, float $length_m, string $side): float
    {
        if ($this->polygon === null) {
            return match ($side) {
                'left' => $x_m,
                'right' => $this->width_m - $x_m - $width_m,
                'down' => $y_m,
                default => $this->slope_m - $y_m - $length_m + $this->overRidge_m,
            };
        }
        $longest_m = 0.0;
        foreach ([1e-6, 0.5, 1 - 1e-6] as $part) {
            [$x, $y, $dx, $dy] = match ($side) {
                'left' => [$x_m, $y_m + $part * $length_m, -1.0, 0.0],
                'right' => [$x_m + $width_m, $y_m + $part * $length_m, 1.0, 0.0],
                'down' => [$x_m + $part * $width_m, $y_m, 0.0, -1.0],
                default => [$x_m + $part * $width_m, $y_m + $length_m, 0.0, 1.0],
            };
            $longest_m = max($longest_m, $this->ray_m($this->polygon, $x, $y, $dx, $dy));
        }

        return $longest_m;
    }

    private function ray_m(Polygon $polygon, float $x_m, float $y_m, float $dx, float $dy): float
    {
        $left = $polygon->leaves_m($x_m, $y_m, $dx, $dy);
        if ($left === null) {
            return 0.0;
        }

        return match ($this->outline->given[$left[1]]->edge) {
            EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Step => $left[0],
            EdgeKind::Ridge => $left[0] + $this->overRidge_m,
            default => INF,
        };
    }
}
