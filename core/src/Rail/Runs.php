<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Load\ZoneWind;

/** Puts the loads of the modules on the rails, clamp by clamp. */
final class Runs
{
    /** The least rail past a foot's mark, so that a foot off its mark still has its rail. Source: common practice, no source (1 in). */
    public const PAST_IN = 1.0;

    public const G = 9.80665;

    /** @return list<Run> Along each line from the left, lines from the eave up; of rails up the slope from the eave, lines from the left */
    public static function of(Design $design, Placement $placement, RailLines $lines, Members $members, SiteLoads $loads): array
    {
        $runs = [];
        $stretches = Stretch::each($design, $placement);
        $counts = array_count_values(array_map(static fn (Stretch $stretch): int => $stretch->row, $stretches));
        $seen = [];
        foreach ($stretches as $stretch) {
            $part = ($seen[$stretch->row] ?? 0) + 1;
            $seen[$stretch->row] = $part;
            foreach ($lines->pairs[$stretch->row] as $line) {
                $name = $counts[$stretch->row] > 1 ? $line->name().$part : $line->name();
                $whole = self::run($design, $placement, $lines->pairs[$stretch->row], $line, $stretch, $name, $members, $loads);
                $arrangement = $design->block->arrangement;
                array_push($runs, ...Arranging::KINDS[$arrangement::class]::runs($design, $arrangement, $whole));
            }
        }

        return $design->block->arrangement->liesBetweenRows() ? Sharing::merged($design, $members, $runs) : $runs;
    }

    /** @param array{RailLine, RailLine} $pair */
    private static function run(
        Design $design,
        Placement $placement,
        array $pair,
        RailLine $line,
        Stretch $stretch,
        string $id,
        Members $members,
        SiteLoads $loads,
    ): Run {
        $kit = $design->kit;
        $theta = $design->modulePitch_rad();
        $past_m = self::past_m($design);
        $clamps_m = $stretch->clamps_m();
        [$x0_m, $x1_m] = [$clamps_m[0] - $past_m, $clamps_m[count($clamps_m) - 1] + $past_m];
        $share = self::share($pair, $line, $stretch->wide_m / 2);
        $area_m2 = $design->module_m2();
        $rail_N = self::rail_N($design, $stretch);
        $module_N = $design->module->mass->toSi() * self::G;
        $most_N = $module_N + ($kit->extra_kg() - $kit->onRails_kg()) * self::G;
        // Of two rails up the slope both go on under the module that slides.
        $grip = $kit->clamp->gripsBothRails || $line->isUpSlope ? 0.5 : ($line->isUpper ? 0.0 : 1.0);
        [$shares, $suctions, $areas_m2] = self::clampLoads($design, $placement, $pair, $line, $stretch, $loads);
        $legs = OnLegs::of($design, $line, $share, $grip);
        $snow = new SnowOnRun($design, $placement, $pair, $line, $stretch, $loads, $grip);
        $places = FootPlaces::under($design, $members, $legs === null ? [$line] : $pair, $x0_m, $x1_m);
        $upright = $legs?->upright($share, $grip, $design) ?? self::upright($share, $grip, $theta);

        return new Run(
            $id,
            $line,
            $stretch->first()->column,
            $stretch->last()->column,
            $x0_m,
            $x1_m,
            $clamps_m,
            $shares,
            $suctions,
            $areas_m2,
            $stretch->wide_m * $share,
            ($most_N * $share + $rail_N) * cos($theta),
            $module_N * $share * cos($theta),
            ($most_N * $grip + $rail_N) * sin($theta),
            $snow->each_N(),
            $loads->windDown_Pa * $area_m2 * $share,
            $most_N * $upright + $rail_N,
            $loads->snow->service_Pa() * cos($design->surface->pitch->toRadians()) * $placement->width_m * $placement->length_m * $upright,
            Pieces::splices_m($design, $x0_m, $x1_m, $line->isUpSlope),
            $kit->rail->spliceMoment === null,
            $places->at_m,
            $places->members,
            $loads->snow->light,
            $places->hand,
            !$kit->foot->isBolted(),
            $stretch->isUpSlope ? $snow->upSlope() : null,
            $legs,
            isRail: $design->block->arrangement->hasRails(),
            edges_m: self::edges_m($design, $placement, $pair, $line, $stretch, $loads),
        );
    }

    /**
     * Where modules of a stretch reach into edge zones with what they bring to this rail: whole modules, on the safe side.
     *
     * @param array{RailLine, RailLine} $pair
     *
     * @return list<array{float, float}>
     */
    private static function edges_m(Design $design, Placement $placement, array $pair, RailLine $line, Stretch $stretch, SiteLoads $loads): array
    {
        if ($design->kit->edgeFoot === null) {
            return [];
        }
        $inner_Pa = min([INF, ...array_map(static fn (ZoneWind $wind): float => $wind->inside->small_Pa, array_values($loads->winds))]);
        $edges_m = [];
        foreach ($stretch->modules as $module) {
            foreach ($loads->zones->pieces($module->x_m, $module->y_m, $module->x_m + $placement->width_m, $module->y_m + $placement->length_m) as $piece) {
                $beside_m = $stretch->isUpSlope ? $piece['x_m'] : $piece['y_m'];
                if ($loads->winds[$piece['zone']]->inside->small_Pa > $inner_Pa + 1e-6 && self::share(
                    $pair,
                    $line,
                    $beside_m - $stretch->beside_m($module),
                ) > 0.0) {
                    $edges_m[] = [$stretch->from_m($module), $stretch->from_m($module) + $stretch->long_m];
                    break;
                }
            }
        }

        return $edges_m;
    }

    /** How far past its end clamps a stretch has places for feet: bolts through the frame lie within the modules, and so do clamps over feet. */
    private static function past_m(Design $design): float
    {
        $arrangement = $design->block->arrangement;
        $inside_m = $arrangement->hasRails() ? $design->kit->clamp->frameHole?->toMetres() : $design->clampAt_m();

        return $arrangement->past($design->kit->rail)->toMetres() + ($inside_m ?? 0.0);
    }

    /** What a module's length of rail weighs, with what hangs on it: a box is taken to hang on either rail. Of short rails each piece weighs for itself. */
    private static function rail_N(Design $design, Stretch $stretch): float
    {
        $length_m = $design->block->arrangement instanceof ShortRails || !$design->block->arrangement->hasRails() ? 0.0 : $stretch->long_m + $stretch->gap_m;

        return $design->kit->rail->lineMass->toSi() * self::G * $length_m + $design->kit->onRails_kg() * self::G;
    }

    /** A load by its direction: normal to the roof by lever, along it by grip. Upright again, each counts by the slope. */
    private static function upright(float $share, float $grip, float $pitch_rad): float
    {
        return $share * cos($pitch_rad) ** 2 + $grip * sin($pitch_rad) ** 2;
    }

    /**
     * Share of a load at a distance across the module that one rail takes, by lever between the two.
     *
     * @param array{RailLine, RailLine} $pair
     */
    public static function share(array $pair, RailLine $line, float $at_m): float
    {
        [$lower, $upper] = $pair;
        $apart_m = $upper->offset_m - $lower->offset_m;

        return $line->isUpper ? ($at_m - $lower->offset_m) / $apart_m : ($upper->offset_m - $at_m) / $apart_m;
    }

    /**
     * @param array{RailLine, RailLine} $pair
     *
     * @return array{list<float>, list<Suction>, list<list<float>>} Shares by clamp, suctions, areas by suction and clamp
     */
    private static function clampLoads(Design $design, Placement $placement, array $pair, RailLine $line, Stretch $stretch, SiteLoads $loads): array
    {
        $clamps_m = $stretch->clamps_m();
        $shares = array_fill(0, count($clamps_m), 0.0);
        $suctions = $areas_m2 = [];
        foreach ($stretch->modules as $index => $module) {
            [$one, $next] = $stretch->clampsOf($index);
            [$from_m, $bay_m] = [$clamps_m[$one], $clamps_m[$next] - $clamps_m[$one]];
            $toNext = ($stretch->from_m($module) + $stretch->long_m / 2 - $from_m) / $bay_m;
            $shares[$one] += 1 - $toNext;
            $shares[$next] += $toNext;
            $right_m = $module->x_m + $placement->width_m;
            foreach ($loads->zones->pieces($module->x_m, $module->y_m, $right_m, $module->y_m + $placement->length_m) as $piece) {
                $suction = $loads->suction($piece['zone'], $module->isExposed());
                $key = $suction->key;
                $suctions[$key] ??= $suction;
                $areas_m2[$key] ??= array_fill(0, count($clamps_m), 0.0);
                [$along_m, $beside_m] = $stretch->isUpSlope ? [$piece['y_m'], $piece['x_m']] : [$piece['x_m'], $piece['y_m']];
                // Of modules on legs it acts in the middle of each.
                $acts_m = $design->overRoof_rad() === 0.0 ? $beside_m - $stretch->beside_m($module) : $stretch->wide_m / 2;
                $area_m2 = $piece['area_m2'] / $design->slant() * self::share($pair, $line, $acts_m);
                $toNext = ($along_m - $from_m) / $bay_m;
                $areas_m2[$key][$one] += $area_m2 * (1 - $toNext);
                $areas_m2[$key][$next] += $area_m2 * $toNext;
            }
        }
        ksort($suctions, SORT_STRING);
        ksort($areas_m2, SORT_STRING);

        return [array_values($shares), array_values($suctions), array_values(array_map(array_values(...), $areas_m2))];
    }
}
