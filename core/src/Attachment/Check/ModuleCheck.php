<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\ModuleRating;
use Garnetine\Core\Design\Kit\RatingBasis;
use Garnetine\Core\Layout\ModuleSpot;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\Combinations;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\SnowCase;
use Garnetine\Core\Load\ZoneWind;
use Garnetine\Core\Rail\RailLine;

/**
 * The net pressure on each module at the level that ratings are meant for, mean over its pieces, against the design rating of the clamp zones it is held in.
 *
 * Down: most dead load; up: the module only.
 *
 * Source: the area is that of ASCE/SEI 7-16, §26.2; recalled. A tested load over its factor is the design load.
 */
final readonly class ModuleCheck
{
    private function __construct(
        public int $row,
        public int $column,
        /** Net, at the level of the rating. */
        public float $up_Pa,
        public float $down_Pa,
        /** Of the wind alone, mean over the module, at the level that the standard gives it. */
        public float $windUp_Pa,
        public ?float $ratedUp_Pa,
        public ?float $ratedDown_Pa,
    ) {
    }

    public function ratio(): ?float
    {
        return $this->ratedUp_Pa === null || $this->ratedDown_Pa === null ? null
            : max($this->up_Pa / max($this->ratedUp_Pa, 1e-6), $this->down_Pa / max($this->ratedDown_Pa, 1e-6));
    }

    /**
     * @param array<int, array{RailLine, RailLine}> $lines See RailLines
     *
     * @return list<self> In the order of rows and columns
     */
    public static function all(Design $design, Placement $placement, SiteLoads $loads, array $lines): array
    {
        $theta = $design->modulePitch_rad();
        $area_m2 = $design->module_m2();
        $module_Pa = $design->module->mass->toSi() * 9.80665 / $area_m2;
        $most_Pa = ($design->module->mass->toSi() + $design->kit->extra_kg()) * 9.80665 / $area_m2;
        /** @var array<int|string, array{float, float}> $pressures By zone: inside, exposed */
        $pressures = array_map(static fn (ZoneWind $wind): array => [$wind->inside->at_Pa($area_m2), $wind->exposed->at_Pa($area_m2)], $loads->winds);
        $patches = array_filter($loads->snow->cases, static fn (SnowCase $case): bool => $case->around !== null) !== [];
        $checks = $rated = [];
        foreach ($placement->rows as $row => $spots) {
            $down_Pa = null;
            foreach ($spots as $column => $spot) {
                $rail = $design->block->arrangement->isUpSlope() ? $column : $row;
                [$ratedUp_Pa, $ratedDown_Pa] = $rated[$rail] ??= self::rated($design, $lines[$rail]);
                $down_Pa = $patches ? null : $down_Pa;
                $down_Pa ??= self::down_Pa($design, $placement, $loads, $spot, $most_Pa * cos($theta));
                $wind_Pa = 0.0;
                foreach ($loads->zones->pieces($spot->x_m, $spot->y_m, $spot->x_m + $placement->width_m, $spot->y_m + $placement->length_m) as $piece) {
                    $wind_Pa += $pressures[$piece['zone']][$spot->isExposed() ? 1 : 0] * $piece['area_m2'] / $area_m2 / $design->slant();
                }
                $up_Pa = Combinations::netUp($loads->combinations->rating, $wind_Pa, $module_Pa * cos($theta));
                $checks[] = new self($row, $column, $up_Pa, $down_Pa, $wind_Pa, $ratedUp_Pa, $ratedDown_Pa);
            }
        }

        return $checks;
    }

    private static function down_Pa(Design $design, Placement $placement, SiteLoads $loads, ModuleSpot $spot, float $dead_Pa): float
    {
        $theta = $design->surface->pitch->toRadians();
        $worst_Pa = Combinations::down($loads->combinations->rating, $dead_Pa, 0.0, $loads->windDown_Pa);
        foreach ($loads->snow->cases as $case) {
            $snow_Pa = $case->mean_Pa(
                $spot->x_m,
                $spot->y_m,
                $spot->x_m + $placement->width_m,
                $spot->y_m + $placement->length_m,
                $design->surface->slopeLength->toMetres(),
            ) * cos($theta) * cos($design->modulePitch_rad()) * $design->slant();
            $worst_Pa = max($worst_Pa, Combinations::down($loads->combinations->rating, $dead_Pa, $snow_Pa, $loads->windDown_Pa));
        }

        return $worst_Pa;
    }

    /**
     * @param array{RailLine, RailLine} $pair
     *
     * @return array{float|null, float|null} Design ratings up and down: the lesser of the two rails
     */
    private static function rated(Design $design, array $pair): array
    {
        $up = $down = [];
        foreach ($pair as $line) {
            $from_m = $design->sharedAt_m() ?? ($line->isUpper ? $design->moduleBeside()->toMetres() - $line->offset_m : $line->offset_m) / $design->slant();
            $held = array_filter(
                $design->ratingsHeld(),
                static fn (ModuleRating $rating): bool => $from_m >= $rating->from->toMetres() - 1e-6 && $from_m <= $rating->to->toMetres() + 1e-6,
            );
            $up[] = self::best($held, static fn (ModuleRating $rating): float => $rating->up->toSi());
            $down[] = self::best($held, static fn (ModuleRating $rating): float => $rating->down->toSi());
        }

        return [
            $up[0] === null || $up[1] === null ? null : min($up[0], $up[1]),
            $down[0] === null || $down[1] === null ? null : min($down[0], $down[1]),
        ];
    }

    /**
     * @param array<ModuleRating> $ratings
     * @param callable(ModuleRating): float $side
     */
    private static function best(array $ratings, callable $side): ?float
    {
        $best = null;
        foreach ($ratings as $rating) {
            $design_Pa = $side($rating) / ($rating->basis === RatingBasis::Test ? $rating->factor : 1.0);
            $best = max($best ?? 0.0, $design_Pa);
        }

        return $best;
    }
}
