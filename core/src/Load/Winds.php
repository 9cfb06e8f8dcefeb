<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Quantity\Length;

/** The building as the wind from each side meets it, for standards whose zones depend on the direction. */
final readonly class Winds
{
    public const SIDES = ['eave', 'ridge', 'left', 'right'];

    private function __construct(
        public float $alongEave_m,
        public float $acrossEave_m,
        public float $slant,
        public float $width_m,
        public float $length_m,
        /** Whether the upper edge of the surface is an edge of the roof, and not a ridge. */
        public bool $topIsEdge,
        public Outline $outline,
    ) {
    }

    /** Of the building's sides, the one nearer to the surface's width is taken to run along the eave. */
    public static function on(Design $design): self
    {
        $surface = $design->surface;
        $sides_m = [$design->site->buildingLength->toMetres(), $design->site->buildingWidth->toMetres()];
        $wall_m = $surface->width->toMetres() - $surface->leftRakeOverhang->toMetres() - $surface->rightRakeOverhang->toMetres();
        if (abs($sides_m[1] - $wall_m) < abs($sides_m[0] - $wall_m)) {
            $sides_m = array_reverse($sides_m);
        }

        return new self(
            $sides_m[0],
            $sides_m[1],
            cos($surface->pitch->toRadians()),
            $surface->width->toMetres(),
            $surface->slopeLength->toMetres(),
            !in_array($surface->roofKind, [RoofKind::TwoSidedGable, RoofKind::Hip], true),
            Outline::of($surface),
        );
    }

    /** The kind of edge that a wind meets first. */
    public static function edge(string $side): string
    {
        return $side === 'left' || $side === 'right' ? 'rake' : $side;
    }

    /** Depth of the building along a wind. */
    public function depth_m(string $side): float
    {
        return $side === 'left' || $side === 'right' ? $this->alongEave_m : $this->acrossEave_m;
    }

    /** Breadth of the building across a wind. */
    public function breadth_m(string $side): float
    {
        return $side === 'left' || $side === 'right' ? $this->acrossEave_m : $this->alongEave_m;
    }

    /** How far, on the level, a place lies from the roof's edge that this wind meets first. */
    public function fromEdge_m(string $side, float $x_m, float $y_m): float
    {
        return match ($side) {
            'eave' => $y_m * $this->slant,
            'ridge' => $this->topIsEdge ? ($this->length_m - $y_m) * $this->slant : max(
                2 * $this->length_m * $this->slant,
                $this->acrossEave_m,
            ) - $y_m * $this->slant,
            'left' => $x_m,
            default => $this->width_m - $x_m,
        };
    }

    /** How far, on the level, a place lies from the nearer side edge, as this wind sees it; a ridge is no edge. */
    public function fromSide_m(string $side, float $x_m, float $y_m): float
    {
        return $side === 'left' || $side === 'right'
            ? min($y_m, $this->topIsEdge ? $this->length_m - $y_m : INF) * $this->slant
            : min($x_m, $this->width_m - $x_m);
    }

    /** How far, on the level, a place lies below the ridge. */
    public function fromRidge_m(float $y_m): float
    {
        return ($this->length_m - $y_m) * $this->slant;
    }

    /**
     * How far, on the level, a place lies from the nearest ridge or hip that a wind comes over; infinite where it comes over none.
     */
    public function beyondRidge_m(string $side, float $x_m, float $y_m): float
    {
        return min(
            $side === 'ridge' && !$this->topIsEdge ? $this->fromRidge_m($y_m) : INF,
            $this->outline->leftHip_m > 0.0 && in_array($side, ['left', 'ridge'], true) ? $this->outline->levelFromLeft_m($x_m, $y_m) : INF,
            $this->outline->rightHip_m > 0.0 && in_array($side, ['right', 'ridge'], true) ? $this->outline->levelFromRight_m($x_m, $y_m) : INF,
        );
    }

    /** Height of the ridge, or of the upper edge, from the mean height. */
    public static function top(Design $design): Length
    {
        return Length::ofMetres(
            $design->site->meanRoofHeight->toMetres() + $design->site->eaveToRidge->toMetres() * tan($design->surface->pitch->toRadians()) / 2,
        );
    }
}
