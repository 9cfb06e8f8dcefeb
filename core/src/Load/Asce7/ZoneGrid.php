<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Site;
use Garnetine\Core\Design\Surface;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Length;

/**
 * The zones laid on a plane: strips of width a along the rakes and a/cos θ along eave and ridge, from the outer roof edge.
 *
 * Source: ASCE/SEI 7-16, Figs. 30.3-2B to -2D; a is horizontal and comes from the whole building; recalled.
 */
final readonly class ZoneGrid
{
    /**
     * @param array{float, float, float, float} $xs_m Edges of the three columns
     * @param array{float, float, float, float} $ys_m Edges of the three rows, from the eave up
     */
    private function __construct(public Length $a, public array $xs_m, public array $ys_m)
    {
    }

    public static function on(Surface $surface, Site $site, Coefficients $coefficients): self
    {
        $least_m = min($site->buildingLength->toMetres(), $site->buildingWidth->toMetres());
        $value = static fn (string $key): float => $coefficients->value('asce7_16/panels', 'zone_a/'.$key);
        $a_m = max(
            min($value('least_dimension') * $least_m, $value('height') * $site->meanRoofHeight->toMetres()),
            $value('floor_dimension') * $least_m,
            Length::ofFeet($value('floor_ft'))->toMetres(),
        );
        $width_m = $surface->width->toMetres();
        $length_m = $surface->slopeLength->toMetres();
        $up_m = $a_m / cos($surface->pitch->toRadians());

        return new self(Length::ofMetres($a_m), [0.0, $a_m, $width_m - $a_m, $width_m], [0.0, $up_m, $length_m - $up_m, $length_m]);
    }

    /** Whether opposite strips would lie on each other, which the figures do not cover. */
    public function overlaps(): bool
    {
        return $this->xs_m[1] > $this->xs_m[2] || $this->ys_m[1] > $this->ys_m[2];
    }

    public static function zone(int $column, int $row): Zone
    {
        $atRake = $column !== 1;

        return match ($row) {
            0 => $atRake ? Zone::EaveCorner : Zone::Eave,
            1 => $atRake ? Zone::Rake : Zone::Field,
            default => $atRake ? Zone::RidgeCorner : Zone::Ridge,
        };
    }

    /**
     * The pieces into which the zone lines cut a rectangle; they tile it exactly where it lies on the plane.
     *
     * @return list<array{zone: Zone, x0_m: float, x1_m: float, y0_m: float, y1_m: float}>
     */
    public function pieces(float $x0_m, float $y0_m, float $x1_m, float $y1_m): array
    {
        $pieces = [];
        foreach (self::cuts($this->xs_m, $x0_m, $x1_m) as [$column, $left_m, $right_m]) {
            foreach (self::cuts($this->ys_m, $y0_m, $y1_m) as [$row, $low_m, $high_m]) {
                $pieces[] = ['zone' => self::zone($column, $row), 'x0_m' => $left_m, 'x1_m' => $right_m, 'y0_m' => $low_m, 'y1_m' => $high_m];
            }
        }

        return $pieces;
    }

    /**
     * @param array{float, float, float, float} $edges_m
     *
     * @return list<array{int, float, float}> Strip, from, to; beyond the plane the outer strip goes on
     */
    private static function cuts(array $edges_m, float $from_m, float $to_m): array
    {
        $cuts = [];
        foreach ([0, 1, 2] as $strip) {
            $low_m = $strip === 0 ? $from_m : max($from_m, $edges_m[$strip]);
            $high_m = $strip === 2 ? $to_m : min($to_m, $edges_m[$strip + 1]);
            if ($high_m - $low_m > 1e-9) {
                $cuts[] = [$strip, $low_m, $high_m];
            }
        }

        return $cuts;
    }
}
