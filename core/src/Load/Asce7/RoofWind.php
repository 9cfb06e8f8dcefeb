<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Surface\Corner;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Load\Coefficient;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Load\ZoneMap;
use Garnetine\Core\Load\ZoneWind;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;

/**
 * The zones of a roof and their external pressure coefficients, at 10 ft².
 *
 * Over 7° a gable: strips of width a along the rakes and a/cos θ along eave and ridge, from the outer roof edge; at a limit
 * between two bands of pitch the worse is taken, zone by zone. A plane between two hips: strips of width a along eave, ridge
 * and hips, on the level. Up to 7°: by the mean roof height h, zone 3 an L of 0.6h by 0.2h in each corner, zone 2 the rest of
 * a strip of 0.6h, zone 1 up to 1.2h, zone 1′ beyond; a gable's ridge is no edge.
 *
 * Source: ASCE/SEI 7-16, Figs. 30.3-2A to -2I; 7-22 Fig. 30.3-2A; recalled.
 */
final readonly class RoofWind
{
    private const BANDS = ['7-20' => [7, 20], '20-27' => [20, 27], '27-45' => [27, 45]];
    private const LOW_DEG = 7.0;
    private const MONOSLOPE_DEG = 3.0;

    /** Zone of a gable by row (eave, middle, ridge) and whether at a rake. */
    private const GABLE = [['2e', '3e'], ['1', '2n'], ['2r', '3r']];

    private function __construct(private Design $design, private Edition $edition, private Coefficients $coefficients)
    {
    }

    /** The figure of the standard that the roof would need and that is not in hand; null when it is. */
    public static function missingFigure(Design $design, Edition $edition): ?string
    {
        $degrees = $design->surface->pitch->toDegrees();
        $low = Printed::atMost($degrees, self::LOW_DEG);

        return match (true) {
            $design->surface->outline !== [] => self::missingOnOutline($design),
            $design->surface->roofKind === RoofKind::TwoSidedGable && $edition === Edition::Of2016 => Printed::atMost($degrees, 45.0)
                ? null
                : 'Fig. 30.3-2 (gable over 45°)',
            $design->surface->roofKind === RoofKind::TwoSidedGable => $low ? null : 'Figs. 30.3-2B to -2D (gable over 7°)',
            $design->surface->roofKind === RoofKind::Flat => $low ? null : 'a figure for a flat roof steeper than 7°',
            $design->surface->roofKind === RoofKind::Shed => Printed::atMost($degrees, self::MONOSLOPE_DEG)
                ? null
                : (Printed::atMost($degrees, 10.0) ? 'Fig. 30.3-5A (monoslope, its zones)' : 'Fig. 30.3-5B (monoslope, its zones)'),
            $design->surface->roofKind === RoofKind::Hip && min(
                $design->surface->leftHip->toMetres(),
                $design->surface->rightHip->toMetres(),
            ) <= 0.0 => 'a figure for a roof that is hipped at one end and gabled at the other',
            $design->surface->roofKind === RoofKind::Hip && $edition === Edition::Of2016 => $low
                ? 'Fig. 30.3-2A on a hip plane'
                : (Printed::atMost($degrees, 45.0) ? null : 'Fig. 30.3-2 (hip over 45°)'),
            $design->surface->roofKind === RoofKind::Hip => 'Figs. 30.3-2E to -2I (hip roofs)',
            default => 'a figure for this kind of roof',
        };
    }

    /** By its edges a plane is a gable's or a hip roof's; of both at once each would have a figure of its own. */
    private static function missingOnOutline(Design $design): ?string
    {
        $kinds = array_map(static fn (Corner $corner): EdgeKind => $corner->edge, $design->surface->outline);
        $isHip = $design->surface->roofKind === RoofKind::Hip;

        return match (true) {
            in_array(EdgeKind::Hip, $kinds, true) && in_array(EdgeKind::Rake, $kinds, true) => 'a figure for a plane with hips and rakes',
            in_array(EdgeKind::Hip, $kinds, true) !== $isHip => $isHip
                ? 'a figure for a hip roof whose plane has no hip' : 'a figure for a plane with hips on a roof without',
            Printed::over($design->surface->pitch->toDegrees(), 45.0) => 'Fig. 30.3-2 (over 45°)',
            default => null,
        };
    }

    /** @return array{ZoneMap, array<int|string, ZoneWind>, float} Zones, what the wind does in each, and pressing down in Pa */
    public static function on(Design $design, Edition $edition, VelocityPressure $velocity, Coefficients $coefficients, Figures $figures): array
    {
        $wind = new self($design, $edition, $coefficients);
        $panel = new PanelPressure($velocity->base, $coefficients, $edition);
        $low = $wind->isLow();
        $width_m = $low ? $design->site->meanRoofHeight->toMetres() : self::stripWidth_m($design->site, $coefficients);
        $figures->add('loads/zone_a', $low
            ? new Figure('zone_h', ['value_m' => 0.6 * $width_m], $edition->cite('Fig. 30.3-2A'), 'high', ['/site/mean_roof_height_m'])
            : new Figure(
                'zone_a',
                ['value_m' => $width_m],
                $edition->cite('Fig. 30.3-2B note'),
                'high',
                ['/site/building_length_m', '/site/building_width_m', '/site/mean_roof_height_m'],
            ));
        $winds = [];
        $exposed = $coefficients->value($edition->table('panels'), 'gamma_e/exposed');
        foreach ($wind->names() as $zone) {
            $gcp = $wind->gcp($zone);
            $figures->add(
                "loads/gcp/$zone",
                new Figure(
                    'gcp',
                    ['value' => $gcp->value, 'zone' => $zone],
                    $gcp->source,
                    $gcp->confidence->value,
                    ["coefficient:$gcp->id", '/surface/pitch_rad'],
                ),
            );
            $suction = static function (string $where, float $gammaE) use ($zone, $gcp, $panel, $edition, $figures): Suction {
                $path = "loads/suction/$zone/$where";
                $table = $edition->table('panels');
                $figures->add($path, new Figure('suction_panel', [
                    'value' => $gcp->value * $gammaE, 'zone' => $zone, 'gcp' => $gcp->value, 'gamma_e' => $gammaE,
                ], $edition->cite('§29.4.4, Eq. 29.4-7'), 'medium', [
                    'loads/qh', ...$edition->kdInVelocityPressure() ? [] : ['loads/kd'], "loads/gcp/$zone", "coefficient:$table/gamma_e/exposed",
                    "coefficient:$table/gamma_a/small", "coefficient:$table/gamma_a/large", "coefficient:$table/least_psf",
                ], listed: false));

                return $panel->suction($path, $gcp->value * $gammaE);
            };
            $winds[$zone] = new ZoneWind($zone, $suction('inside', 1.0), $suction('exposed', $exposed), 'any');
        }
        $down = $wind->gcp('down');
        $down_Pa = $panel->down_Pa($down->value);
        $figures->add('loads/down', new Figure('wind_down', [
            'value_Pa' => $down_Pa, 'qh_Pa' => $velocity->base->toPascals(), 'gcp' => $down->value, 'least_Pa' => $panel->least_Pa,
        ], $edition->cite('§29.4.4, §30.2.2'), 'medium', ['loads/qh', "coefficient:$down->id"]));

        return [
            match (true) {
                $low => $wind->lowZones($width_m),
                $design->surface->outline !== [] => $wind->outlineZones($width_m),
                $design->surface->roofKind === RoofKind::Hip => $wind->hipZones($width_m),
                default => $wind->gableZones($width_m),
            },
            $winds,
            $down_Pa,
        ];
    }

    /** @return list<string> */
    private function names(): array
    {
        return match (true) {
            $this->isLow() => ['1′', '1', '2', '3'],
            $this->design->surface->roofKind === RoofKind::Hip => ['1', '2e', '2r', '3'],
            default => array_merge(...self::GABLE),
        };
    }

    /** @return list<string> Ids of coefficients that the roof needs and that are neither remembered nor read in an own copy */
    public static function lacking(Design $design, Edition $edition, Coefficients $coefficients): array
    {
        $wind = new self($design, $edition, $coefficients);
        if ($wind->isLow() || $design->surface->roofKind !== RoofKind::Hip) {
            return [];
        }
        $lacking = [];
        foreach (self::bands($design->surface->pitch) as $band) {
            foreach (['1', '2e', '2r', 'down'] as $key) {
                if ($coefficients->lacks($edition->table('hip_roof'), "$band/$key")) {
                    $lacking[] = $edition->table('hip_roof')."/$band/$key";
                }
            }
        }

        return $lacking;
    }

    /** Whether opposite strips of a gable would lie on each other, which the figures do not cover. */
    public static function overlaps(Design $design, float $a_m): bool
    {
        $surface = $design->surface;
        if ($surface->outline !== []) {
            return Outline::of($surface)->trouble() === null && self::stripsMeet($design, $a_m);
        }

        return Printed::atLeast($surface->pitch->toDegrees(), self::LOW_DEG)
            && (2 * $a_m > $surface->width->toMetres() || 2 * $a_m / cos($surface->pitch->toRadians()) > $surface->slopeLength->toMetres());
    }

    private function isLow(): bool
    {
        return self::isLowRoof($this->design, $this->edition);
    }

    /** Whether the figure of low roofs is the one. */
    public static function isLowRoof(Design $design, Edition $edition): bool
    {
        // At 7° both figures meet: the steeper one is the more severe at the rake, and is taken.
        return in_array($design->surface->roofKind, [RoofKind::Flat, RoofKind::Shed], true)
            || Printed::under($design->surface->pitch->toDegrees(), self::LOW_DEG)
            || $edition === Edition::Of2022;
    }

    /**
     * Strips along the edges of a plane of any shape, on the level; valleys and what the plane goes on at have none. Where strips
     * of edges that are no neighbours lie on each other, the plane is too small for the figure.
     */
    private function outlineZones(float $a_m): ZoneMap
    {
        $isHip = $this->design->surface->roofKind === RoofKind::Hip;

        return ZoneMap::laid(...self::strips($this->design, $a_m), zone: function (array $edges) use ($isHip): string {
            $in = array_unique(array_map(fn (int $edge): string => $this->design->surface->outline[$edge]->edge->value, $edges));
            $eave = in_array('eave', $in, true);
            $top = in_array('ridge', $in, true) || in_array('hip', $in, true);

            return match (true) {
                $isHip => $eave ? (in_array('hip', $in, true) ? '3' : '2e') : ($top ? '2r' : '1'),
                default => self::GABLE[$eave ? 0 : ($top ? 2 : 1)][in_array('rake', $in, true) ? 1 : 0],
            };
        });
    }

    /** @return array{Polygon, array<int, list<array{float, float, float}>>} The outline, and by edge the half-planes of its strip */
    private static function strips(Design $design, float $a_m): array
    {
        $polygon = Outline::of($design->surface)->polygon();
        $strips = [];
        foreach ($polygon->edges() as $edge => $ends) {
            if (in_array($design->surface->outline[$edge]->edge, [EdgeKind::Eave, EdgeKind::Ridge, EdgeKind::Rake, EdgeKind::Hip], true)) {
                $strips[$edge] = Polygon::strip($ends, $a_m, cos($design->surface->pitch->toRadians()));
            }
        }

        return [$polygon, $strips];
    }

    /** Whether strips of edges that are no neighbours, or do not go together, have a place in common. */
    private static function stripsMeet(Design $design, float $a_m): bool
    {
        [$polygon, $strips] = self::strips($design, $a_m);
        $count = count($polygon->corners);
        $meet = false;
        ZoneMap::laid($polygon, $strips, static function (array $edges) use ($design, $count, &$meet): string {
            foreach ($edges as $one) {
                foreach ($edges as $other) {
                    $apart = min(($one - $other + $count) % $count, ($other - $one + $count) % $count);
                    $meet = $meet || $apart > 1 && self::clash($design->surface->outline[$one]->edge, $design->surface->outline[$other]->edge);
                }
            }

            return '';
        });

        return $meet;
    }

    /** Opposite strips of a gable, or eave and ridge. */
    private static function clash(EdgeKind $one, EdgeKind $other): bool
    {
        return $one === EdgeKind::Rake && $other === EdgeKind::Rake || $one === EdgeKind::Eave && $other === EdgeKind::Ridge;
    }

    /** Width a of the strips of a gable, on the level, from the whole building; of 2022 no figure with such strips is in hand. */
    public static function stripWidth_m(Site $site, Coefficients $coefficients): float
    {
        $least_m = min($site->buildingLength->toMetres(), $site->buildingWidth->toMetres());
        $value = static fn (string $key): float => $coefficients->value(Edition::Of2016->table('panels'), 'zone_a/'.$key);

        return max(
            min($value('least_dimension') * $least_m, $value('height') * $site->meanRoofHeight->toMetres()),
            $value('floor_dimension') * $least_m,
            Length::ofFeet($value('floor_ft'))->toMetres(),
        );
    }

    private function gableZones(float $a_m): ZoneMap
    {
        [$width_m, $length_m] = [$this->design->surface->width->toMetres(), $this->design->surface->slopeLength->toMetres()];
        $up_m = $a_m / cos($this->design->surface->pitch->toRadians());

        return ZoneMap::lay(Outline::of($this->design->surface), [$a_m, $width_m - $a_m], [
            $up_m, $length_m - $up_m,
        ], [], static function (float $x_m, float $y_m) use ($width_m, $length_m, $a_m, $up_m): string {
            $row = $y_m < $up_m ? 0 : ($y_m > $length_m - $up_m ? 2 : 1);

            return self::GABLE[$row][$x_m < $a_m || $x_m > $width_m - $a_m ? 1 : 0];
        });
    }

    private function hipZones(float $a_m): ZoneMap
    {
        $outline = Outline::of($this->design->surface);
        $slant = cos($this->design->surface->pitch->toRadians());
        $up_m = $a_m / $slant;
        $beside = static fn (float $x_m, float $y_m): bool => min($outline->levelFromLeft_m($x_m, $y_m), $outline->levelFromRight_m($x_m, $y_m)) < $a_m;

        return ZoneMap::lay($outline, [], [
            $up_m,
            $outline->length_m - $up_m,
        ], $outline->besideHips($a_m, true), static fn (float $x_m, float $y_m): string => match (true) {
            $y_m < $up_m && $beside($x_m, $y_m) => '3',
            $y_m < $up_m => '2e',
            $y_m > $outline->length_m - $up_m || $beside($x_m, $y_m) => '2r',
            default => '1',
        });
    }

    private function lowZones(float $h_m): ZoneMap
    {
        [$width_m, $length_m] = [$this->design->surface->width->toMetres(), $this->design->surface->slopeLength->toMetres()];
        $slant = cos($this->design->surface->pitch->toRadians());
        $topIsEdge = $this->design->surface->roofKind !== RoofKind::TwoSidedGable;
        $xs_m = $ys_m = [];
        foreach ([0.2, 0.6, 1.2] as $part) {
            array_push($xs_m, $part * $h_m, $width_m - $part * $h_m);
            array_push($ys_m, $part * $h_m / $slant, $topIsEdge ? $length_m - $part * $h_m / $slant : 0.0);
        }

        $outline = Outline::of($this->design->surface);

        return ZoneMap::lay($outline, $xs_m, $ys_m, [], static function (float $x_m, float $y_m) use ($width_m, $length_m, $h_m, $slant, $topIsEdge): string {
            $across = min($x_m, $width_m - $x_m) / $h_m;
            $up = min($y_m, $topIsEdge ? $length_m - $y_m : $y_m) * $slant / $h_m;

            return match (true) {
                max($across, $up) <= 0.6 && min($across, $up) <= 0.2 => '3',
                min($across, $up) <= 0.6 => '2',
                min($across, $up) <= 1.2 => '1',
                default => '1′',
            };
        });
    }

    /** Coefficient of a zone upward, or of "down", as a positive size. */
    private function gcp(string $zone): Coefficient
    {
        if ($this->isLow()) {
            return $this->coefficients->take($this->edition->table('low_roof'), $zone === '1′' ? '1p' : $zone);
        }
        $hip = $this->design->surface->roofKind === RoofKind::Hip;
        $table = $this->edition->table($hip ? 'hip_roof' : 'gable_roof');
        // On hips the corner at the eave has the eave's value.
        $zone = $hip && $zone === '3' ? '2e' : $zone;
        $worst = null;
        foreach (self::bands($this->design->surface->pitch) as $band) {
            $found = $this->coefficients->look($table, "$band/$zone");
            $worst = $worst === null || $found->value > $worst->value ? $found : $worst;
        }
        if ($worst === null) {
            throw new \OutOfBoundsException('No band at '.$this->design->surface->pitch->toDegrees().' degrees.');
        }

        return $this->coefficients->take($table, substr($worst->id, strlen($table) + 1));
    }

    /** @return list<string> */
    private static function bands(Angle $pitch): array
    {
        $degrees = $pitch->toDegrees();

        return array_keys(
            array_filter(self::BANDS, static fn (array $band): bool => Printed::atLeast($degrees, $band[0]) && Printed::atMost($degrees, $band[1])),
        );
    }
}
