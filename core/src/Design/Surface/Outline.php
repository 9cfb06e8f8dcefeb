<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Quantity\Length;

/**
 * The outline of a roof plane: eave below, ridge or upper edge above, and at each side a rake, straight up, or a hip, leaning in.
 *
 * Lines are a·x + b·y = c, with a² + b² = 1 in the measure that they were asked in.
 */
final readonly class Outline
{
    /** @param list<Corner> $given Corners where it is no such shape; nothing but corners(), polygon() and given is asked then */
    private function __construct(
        public float $width_m,
        public float $length_m,
        public float $leftHip_m,
        public float $rightHip_m,
        private float $slant,
        public array $given,
        private Surface $surface,
    ) {
    }

    public static function of(Surface $surface): self
    {
        return new self(
            $surface->width->toMetres(),
            $surface->slopeLength->toMetres(),
            $surface->leftHip->toMetres(),
            $surface->rightHip->toMetres(),
            cos($surface->pitch->toRadians()),
            $surface->outline,
            $surface,
        );
    }

    public function isRectangle(): bool
    {
        return $this->given === [] && $this->leftHip_m <= 0.0 && $this->rightHip_m <= 0.0;
    }

    /** Whether the hips would cross below the upper edge. */
    public function crosses(): bool
    {
        return $this->leftHip_m + $this->rightHip_m > $this->width_m + 1e-9;
    }

    /** @return list<array{float, float}> Counter-clockwise from the lower left; three where the hips meet */
    public function corners(): array
    {
        if ($this->given !== []) {
            return array_map(static fn (Corner $corner): array => [$corner->x->toMetres(), $corner->y->toMetres()], $this->given);
        }
        $corners = [[0.0, 0.0], [$this->width_m, 0.0], [$this->width_m - $this->rightHip_m, $this->length_m]];
        if ($this->leftHip_m + $this->rightHip_m < $this->width_m - 1e-9) {
            $corners[] = [$this->leftHip_m, $this->length_m];
        }

        return $corners;
    }

    /** @return list<array{EdgeKind, float, float}> From each corner to the next: what it is, what is kept free along it, what it overhangs, in metres */
    public function edges(): array
    {
        return $this->given === [] ? self::usual($this->surface) : array_map(
            static fn (Corner $one): array => [$one->edge, $one->setback->toMetres(), $one->overhang->toMetres()],
            $this->given,
        );
    }

    /** @return list<array{EdgeKind, float, float}> */
    private static function usual(Surface $surface): array
    {
        $setbacks = $surface->setbacks;
        $side = static fn (Length $hip, Length $setback, Length $overhang): array => $hip->toMetres() > 0.0
            ? [EdgeKind::Hip, $setback->toMetres(), 0.0]
            : [EdgeKind::Rake, $setback->toMetres(), $overhang->toMetres()];
        $right = $side($surface->rightHip, $setbacks->right, $surface->rightRakeOverhang);
        $left = $side($surface->leftHip, $setbacks->left, $surface->leftRakeOverhang);
        $isTriangle = $surface->leftHip->toMetres() + $surface->rightHip->toMetres() >= $surface->width->toMetres() - 1e-9;

        return [
            [EdgeKind::Eave, $setbacks->eave->toMetres(), $surface->eaveOverhang->toMetres()],
            $right,
            ...$isTriangle ? [] : [[EdgeKind::Ridge, $setbacks->ridge->toMetres(), 0.0]],
            $left,
        ];
    }

    public function polygon(): Polygon
    {
        return new Polygon($this->corners());
    }

    /**
     * Whether the outline by its corners is one that can be worked with.
     *
     * @return string|null What is wrong, as a message; null where nothing is
     */
    public function trouble(): ?string
    {
        $polygon = $this->polygon();

        return match (true) {
            $this->given === [] => null,
            count($this->given) < 3 => 'outline.few',
            !$polygon->isSimple() => 'outline.crosses',
            $polygon->area_m2() <= 0.0 => 'outline.clockwise',
            default => null,
        };
    }

    /** Height of the outline's upper edge over a place on the eave. */
    public function top_m(float $x_m): float
    {
        return max(0.0, min(
            $this->length_m,
            $this->leftHip_m > 0.0 ? $x_m * $this->length_m / $this->leftHip_m : INF,
            $this->rightHip_m > 0.0 ? ($this->width_m - $x_m) * $this->length_m / $this->rightHip_m : INF,
        ));
    }

    /**
     * Corners of what is left inside distances from the edges; four, the upper two in one place where the hips meet below.
     *
     * @return list<array{float, float}>
     */
    public function inside(float $left_m, float $right_m, float $eave_m, float $ridge_m): array
    {
        $from = fn (float $y_m): float => ($left_m * hypot($this->length_m, $this->leftHip_m) + $y_m * $this->leftHip_m) / $this->length_m;
        $to = fn (float $y_m): float => $this->width_m - ($right_m * hypot($this->length_m, $this->rightHip_m) + $y_m * $this->rightHip_m) / $this->length_m;
        $high_m = $this->length_m - $ridge_m;
        $leaning = $this->leftHip_m + $this->rightHip_m;
        // Where the inner sides meet before the upper edge, the shape ends there.
        $meet_m = $leaning > 0.0 ? $eave_m + ($to($eave_m) - $from($eave_m)) * $this->length_m / $leaning : INF;
        $high_m = max($eave_m, min($high_m, $meet_m));

        return [[$from($eave_m), $eave_m], [$to($eave_m), $eave_m], [$to($high_m), $high_m], [$from($high_m), $high_m]];
    }

    /** Distance from the left edge on the slope, inward positive. */
    public function fromLeft_m(float $x_m, float $y_m): float
    {
        return ($x_m * $this->length_m - $y_m * $this->leftHip_m) / hypot($this->length_m, $this->leftHip_m);
    }

    public function fromRight_m(float $x_m, float $y_m): float
    {
        return (($this->width_m - $x_m) * $this->length_m - $y_m * $this->rightHip_m) / hypot($this->length_m, $this->rightHip_m);
    }

    /** Distance from the left edge on the level. */
    public function levelFromLeft_m(float $x_m, float $y_m): float
    {
        $up_m = $this->length_m * $this->slant;

        return ($x_m * $up_m - $y_m * $this->slant * $this->leftHip_m) / hypot($up_m, $this->leftHip_m);
    }

    public function levelFromRight_m(float $x_m, float $y_m): float
    {
        $up_m = $this->length_m * $this->slant;

        return (($this->width_m - $x_m) * $up_m - $y_m * $this->slant * $this->rightHip_m) / hypot($up_m, $this->rightHip_m);
    }

    /**
     * Lines beside the hips at a distance, in the coordinates of the surface.
     *
     * @return list<array{float, float, float}> a, b, c
     */
    public function besideHips(float $distance_m, bool $onTheLevel): array
    {
        $up_m = $this->length_m * ($onTheLevel ? $this->slant : 1.0);
        $slant = $onTheLevel ? $this->slant : 1.0;
        $lines = [];
        if ($this->leftHip_m > 0.0) {
            $lines[] = [$up_m, -$slant * $this->leftHip_m, $distance_m * hypot($up_m, $this->leftHip_m)];
        }
        if ($this->rightHip_m > 0.0) {
            $lines[] = [-$up_m, -$slant * $this->rightHip_m, $distance_m * hypot($up_m, $this->rightHip_m) - $this->width_m * $up_m];
        }

        return $lines;
    }
}
