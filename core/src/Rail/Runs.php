<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Outline;
use Garnetine\Core\Design\RailsAcross;
use Garnetine\Core\Design\RunDatum;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Layout\ModuleSpot;
use Garnetine\Core\Layout\NoWork;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Quantity\Length;

/** Puts the loads of the modules on the rails, clamp by clamp. */
final class Runs
{
    /** The least rail past a foot's mark, so that a foot off its mark still has its rail. Source: common practice, no source (1 in). */
    public const PAST_IN = 1.0;

    /** A foot keeps off a member's ends. Source: common practice of framing and roofing, no source (3 in). */
    private const FROM_END_IN = 3.0;

    public const G = 9.80665;

    /** @return list<Run> Along each line from the left, lines from the eave up */
    public static function of(Design $design, Placement $placement, RailLines $lines, Members $members, SiteLoads $loads): array
    {
        $runs = [];
        $counts = [];
        $stretches = $placement->stretches();
        foreach ($stretches as [$row]) {
            $counts[$row] = ($counts[$row] ?? 0) + 1;
        }
        $seen = [];
        foreach ($stretches as [$row, $modules]) {
            $part = ($seen[$row] ?? 0) + 1;
            $seen[$row] = $part;
            foreach ($lines->byRow[$row] as $line) {
                $name = $counts[$row] > 1 ? $line->name().$part : $line->name();
                $whole = self::run($design, $placement, $lines->byRow[$row], $line, $modules, $name, $members, $loads);
                $arrangement = $design->block->arrangement;
                array_push($runs, ...Arranging::KINDS[$arrangement::class]::runs($design, $arrangement, $whole));
            }
        }

        return $runs;
    }

    /**
     * @param array{RailLine, RailLine} $pair
     * @param non-empty-list<ModuleSpot> $modules
     */
    private static function run(
        Design $design,
        Placement $placement,
        array $pair,
        RailLine $line,
        array $modules,
        string $id,
        Members $members,
        SiteLoads $loads,
    ): Run {
        $kit = $design->kit;
        $theta = $design->surface->pitch->toRadians();
        $gap_m = $design->block->columnGap->toMetres();
        $first = $modules[0];
        $last = $modules[count($modules) - 1];
        $past_m = $design->block->arrangement->past($kit->rail)->toMetres();
        $x0_m = $first->x_m - $past_m;
        $x1_m = $last->x_m + $placement->width_m + $past_m;
        $share = self::share($pair, $line, $placement->length_m / 2);
        $area_m2 = $placement->width_m * $placement->length_m;
        // Of short rails each piece weighs for itself.
        $rail_N = $design->block->arrangement instanceof RailsAcross ? $kit->rail->lineMass->toSi() * self::G * ($placement->width_m + $gap_m) : 0.0;
        $module_N = $design->module->mass->toSi() * self::G;
        $most_N = $module_N + $kit->extraMassPerModule->toSi() * self::G;
        $grip = $kit->clamp->gripsBothRails ? 0.5 : ($line->isUpper ? 0.0 : 1.0);
        [$clamps_m, $shares, $suctions, $areas_m2] = self::clampLoads($placement, $pair, $line, $modules, $gap_m, $loads);
        $snow_N = self::snow($design, $placement, $pair, $line, $first, $last, $loads, $grip);
        [$candidates_m, $numbers, $barred] = self::candidates($design, $members, $line, $x0_m, $x1_m);
        // A load by its direction: normal to the roof by lever, along it by grip. Upright again, each counts by the slope.
        $upright = $share * cos($theta) ** 2 + $grip * sin($theta) ** 2;

        return new Run(
            $id,
            $line,
            $first->column,
            $last->column,
            $x0_m,
            $x1_m,
            $clamps_m,
            $shares,
            $suctions,
            $areas_m2,
            $placement->length_m * $share,
            ($most_N * $share + $rail_N) * cos($theta),
            $module_N * $share * cos($theta),
            ($most_N * $grip + $rail_N) * sin($theta),
            $snow_N,
            $loads->windDown_Pa * $area_m2 * $share,
            $most_N * $upright + $rail_N,
            $loads->snow->service_Pa() * cos($theta) * $area_m2 * $upright,
            Pieces::splices_m($design, $x0_m, $x1_m),
            $kit->rail->spliceMoment === null,
            $candidates_m,
            $numbers,
            $loads->snow->light,
            self::hand($design, $line, $numbers, $barred),
            !$kit->foot->isBolted(),
        );
    }

    /**
     * Share of a load at a height within the module that one rail takes, by lever between the two.
     *
     * @param array{RailLine, RailLine} $pair
     */
    private static function share(array $pair, RailLine $line, float $at_m): float
    {
        [$lower, $upper] = $pair;
        $apart_m = $upper->offset_m - $lower->offset_m;

        return $line->isUpper ? ($at_m - $lower->offset_m) / $apart_m : ($upper->offset_m - $at_m) / $apart_m;
    }

    /**
     * @param array{RailLine, RailLine} $pair
     * @param non-empty-list<ModuleSpot> $modules
     *
     * @return array{list<float>, list<float>, list<Suction>, list<list<float>>} Clamps, shares, suctions, areas by suction and clamp
     */
    private static function clampLoads(Placement $placement, array $pair, RailLine $line, array $modules, float $gap_m, SiteLoads $loads): array
    {
        $width_m = $placement->width_m;
        $last = count($modules) - 1;
        $clamps_m = [];
        $shares = array_fill(0, $last + 2, 0.0);
        $suctions = $areas_m2 = [];
        foreach ($modules as $index => $module) {
            $left_m = $index === 0 ? $module->x_m : $module->x_m - $gap_m / 2;
            $right_m = $index === $last ? $module->x_m + $width_m : $module->x_m + $width_m + $gap_m / 2;
            $clamps_m[$index] = $left_m;
            $clamps_m[$index + 1] = $right_m;
            $toRight = ($module->x_m + $width_m / 2 - $left_m) / ($right_m - $left_m);
            $shares[$index] += 1 - $toRight;
            $shares[$index + 1] += $toRight;
            foreach ($loads->zones->pieces($module->x_m, $module->y_m, $module->x_m + $width_m, $module->y_m + $placement->length_m) as $piece) {
                $suction = $loads->suction($piece['zone'], $module->isExposed());
                $key = $suction->key;
                $suctions[$key] ??= $suction;
                $areas_m2[$key] ??= array_fill(0, $last + 2, 0.0);
                $area_m2 = $piece['area_m2'] * self::share($pair, $line, $piece['y_m'] - $module->y_m);
                $toRight = ($piece['x_m'] - $left_m) / ($right_m - $left_m);
                $areas_m2[$key][$index] += $area_m2 * (1 - $toRight);
                $areas_m2[$key][$index + 1] += $area_m2 * $toRight;
            }
        }
        ksort($suctions, SORT_STRING);
        ksort($areas_m2, SORT_STRING);

        return [array_values($clamps_m), array_values($shares), array_values($suctions), array_values($areas_m2)];
    }

    /**
     * Snow of one module on this rail, by case: normal and along the slope. The surcharge near the ridge goes by lever; of a
     * drift around something tall every module bears the most that any module of the run gets.
     *
     * @param array{RailLine, RailLine} $pair
     *
     * @return array<string, array{float, float}>
     */
    private static function snow(
        Design $design,
        Placement $placement,
        array $pair,
        RailLine $line,
        ModuleSpot $module,
        ModuleSpot $last,
        SiteLoads $loads,
        float $grip,
    ): array {
        $theta = $design->surface->pitch->toRadians();
        $ridge_m = $design->surface->slopeLength->toMetres();
        $width_m = $placement->width_m;
        $top_m = $module->y_m + $placement->length_m;
        $held_m = self::heldAbove_m($design, $placement, $module, $last);
        $snow_N = [];
        foreach ($loads->snow->cases as $case) {
            $uniform_Pa = $case->uniform_Pa + $case->patch_Pa($module->x_m, $module->y_m, $last->x_m + $width_m, $top_m);
            $uniform_N = $uniform_Pa * $width_m * $placement->length_m;
            $covered_m = $case->coveredBelowRidge_m($module->y_m, $top_m, $ridge_m);
            $surcharge_N = $case->surcharge_Pa * $width_m * $covered_m;
            $vertical_N = $uniform_N * self::share($pair, $line, $placement->length_m / 2)
                + $surcharge_N * self::share($pair, $line, $placement->length_m - $covered_m / 2);
            $held_N = $case->uniform_Pa * $held_m * cos($theta) * sin($theta) * $width_m;
            $snow_N[$case->code] = [$vertical_N * cos($theta) ** 2, (($uniform_N + $surcharge_N) * sin($theta) * cos($theta) + $held_N) * $grip];
        }

        return $snow_N;
    }

    /**
     * Length of roof above a run whose snow lies against its modules, up to the next module or the ridge; the most of any.
     *
     * The push of that snow down the slope is s·b·sin α for each metre, without friction, b on the level.
     *
     * Source: EN 1991-1-3 §6.4 for snow guards, the same by statics under any standard; recalled.
     */
    private static function heldAbove_m(Design $design, Placement $placement, ModuleSpot $first, ModuleSpot $last): float
    {
        if ($design->site->arrayHoldsSnow === YesNo::No) {
            return 0.0;
        }
        $top_m = $first->y_m + $placement->length_m;
        $held_m = 0.0;
        for ($column = $first->column; $column <= $last->column; ++$column) {
            $next_m = $design->surface->slopeLength->toMetres();
            foreach ($placement->rows as $spots) {
                if (isset($spots[$column]) && $spots[$column]->y_m > $top_m) {
                    $next_m = min($next_m, $spots[$column]->y_m);
                }
            }
            // A gap as between rows holds nothing.
            $held_m = $next_m - $top_m > $design->block->rowGap->toMetres() + 1e-6 ? max($held_m, $next_m - $top_m) : $held_m;
        }

        return $held_m;
    }

    /**
     * Members within the rail's length that reach the line, on the tape from the datum, outside no-work areas and the lap band.
     *
     * @return array{list<float>, list<int>, list<array{member: int, x_m: float}>} Places and members, and those that are barred
     */
    private static function candidates(Design $design, Members $members, RailLine $line, float $x0_m, float $x1_m): array
    {
        $candidates = $numbers = $barred = [];
        if ($members->inLap($line->holeY_m) || ($members->purlins !== null && $line->purlin === null)) {
            return [[], [], []];
        }
        $sheet = $design->surface->covering instanceof ScrewedMetal ? $design->surface->covering : null;
        $mayStand = $sheet === null ? self::inPan($design) : self::onSheet($design, $sheet, $members, $line);
        $besideRib_m = $sheet !== null && $design->kit->foot->standsInPan() ? $sheet->ribPitch->toMetres() / 2 : 0.0;
        $past_m = Length::ofInches(self::PAST_IN)->toMetres() - 1e-9;
        $fromEnd_m = Length::ofInches(self::FROM_END_IN)->toMetres();
        $datum_m = match ($design->rules->runDatum) {
            RunDatum::LeftRake => 0.0,
            RunDatum::RightRake => $design->surface->width->toMetres(),
            RunDatum::FirstMember => ($members->members[0]->x_m ?? 0.0) + $members->shiftAt_m($line->holeY_m),
        };
        $mark_m = $design->units->roofMark_m();
        foreach ($members->members as $member) {
            $true_m = $member->x_m + $besideRib_m + $members->shiftAt_m($line->holeY_m);
            $x_m = $datum_m + round(($true_m - $datum_m) / $mark_m) * $mark_m;
            if (
                !$member->reaches($line->holeY_m, $fromEnd_m)
                || $x_m < $x0_m + $past_m
                || $x_m > $x1_m - $past_m
                || self::inNoWork($design, $x_m, $line->holeY_m)
                || !$mayStand($x_m)
            ) {
                continue;
            }
            if (self::isBarred($design, $line, $member->number)) {
                $barred[] = ['member' => $member->number, 'x_m' => $x_m];
                continue;
            }
            $candidates[] = $x_m;
            $numbers[] = $member->number;
        }

        return [$candidates, $numbers, $barred];
    }

    /** @return \Closure(float): bool Whether a place is as far from the roof's edges as feet keep off those of its sheets, and over its purlin */
    private static function onSheet(Design $design, ScrewedMetal $sheet, Members $members, RailLine $line): \Closure
    {
        $purlin = $members->purlins?->byNumber($line->purlin ?? 0);
        $edges = Outline::of($design->surface)->polygon()->edges();
        $clear_m = $sheet->clear->toMetres() - 1e-9;
        $isAnywhere = $design->kit->foot->intoSheet();

        return static function (float $x_m) use ($purlin, $edges, $clear_m, $line, $isAnywhere): bool {
            foreach ($edges as $edge) {
                if (Polygon::fromEdge_m($edge, $x_m, $line->holeY_m) < $clear_m) {
                    return false;
                }
            }

            return $isAnywhere || ($purlin !== null && $x_m >= $purlin->from_m - 1e-9 && $x_m <= $purlin->to_m + 1e-9);
        };
    }

    /** @return \Closure(float): bool Whether the arm of a hook there comes out in the pan of a tile, as far as pans are measured */
    private static function inPan(Design $design): \Closure
    {
        $arm = $design->kit->foot->limits()->arm;
        $tile = $design->surface->covering;
        if ($arm === null || !$tile instanceof Tile) {
            return static fn (): bool => true;
        }

        return static fn (float $x_m): bool => $tile->reachesPan($arm->aside, $x_m);
    }

    private static function isBarred(Design $design, RailLine $line, int $member): bool
    {
        foreach ($design->block->bars as $bar) {
            if ($bar->member === $member && ($bar->line === null || $bar->line === $line->letter)) {
                return true;
            }
        }

        return false;
    }

    /**
     * What the planner decided for a run, of the places that it has.
     *
     * @param list<int> $numbers Members of its candidates
     * @param list<array{member: int, x_m: float}> $barred
     */
    private static function hand(Design $design, RailLine $line, array $numbers, array $barred): OwnHand
    {
        $rules = $design->rules;
        $pinned = [];
        foreach ($design->block->pins as $pin) {
            $pick = $pin->line === $line->letter ? array_search($pin->member, $numbers, true) : false;
            if ($pick !== false) {
                $pinned[$pick] = $pick;
            }
        }
        sort($pinned);
        // Marks on the tape are rounded, so that bays of one spacing differ by as much.
        $greatest_m = $rules->greatestBay === null ? null : $rules->greatestBay->toMetres() + $design->units->roofMark_m();

        return new OwnHand($pinned, $greatest_m, $rules->lastBayMayBeLonger ? $rules->runDatum !== RunDatum::RightRake : null, $barred);
    }

    private static function inNoWork(Design $design, float $x_m, float $y_m): bool
    {
        foreach ([...$design->surface->noWorkRectangles, ...$design->surface->noWorkCircles] as $area) {
            if (NoWork::distance_m($area, $x_m, $y_m, $x_m, $y_m) < $area->clearance->toMetres() - 1e-9) {
                return true;
            }
        }

        return false;
    }
}
