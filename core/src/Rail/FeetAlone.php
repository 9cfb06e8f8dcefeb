<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Block\Arrangement;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Quantity\Length;

/**
 * Two feet under the edge of a module, one in the clamp zone of either end, with a clamp right over each: of a module m long, a and b from
 * its ends, the left one bears P·(m/2 − b)/(m − a − b) of what the edge brings, and no more feet help it. They take the places
 * that the planner has pinned, else those that share the load the most evenly.
 *
 * Source: statics of a beam on two supports, which is the frame of the module; its rating is for such.
 */
final class FeetAlone implements Arranging
{
    public static function runs(Design $design, Arrangement $arrangement, Run $whole): array
    {
        $feet = self::pair($whole, self::zones_m($design, $whole->firstColumn));
        $past_m = Length::ofInches(Runs::PAST_IN)->toMetres();
        $at_m = array_map(static fn (int $place): float => $whole->candidates_m[$place], $feet);
        $clamps_m = count($at_m) === 2 ? $at_m : $whole->clamps_m;

        return [Copy::of(
            $whole,
            x0_m: $clamps_m[0] - $past_m,
            x1_m: $clamps_m[count($clamps_m) - 1] + $past_m,
            clamps_m: $clamps_m,
            shares: self::onto($clamps_m, $whole->clamps_m, $whole->shares),
            windAreas_m2: array_map(static fn (array $areas_m2): array => self::onto($clamps_m, $whole->clamps_m, $areas_m2), $whole->windAreas_m2),
            splices_m: [],
            candidates_m: $at_m,
            members: array_map(static fn (int $place): int => $whole->members[$place], $feet),
            // How far apart they stand is decided: it is no bay of a rail.
            hand: new OwnHand(array_keys(array_intersect($feet, $whole->hand->pinned)), barred: $whole->hand->barred),
        )];
    }

    public static function findings(Design $design, Arrangement $arrangement, Members $members, array $runs): array
    {
        $without = array_values(array_filter($runs, static fn (Run $run): bool => count($run->candidates_m) < 2));
        if ($without === [] || $design->ratingsHeld() === []) {
            return [];
        }
        $places_m = array_column($members->members, 'x_m');
        $columns = array_unique(array_merge(...array_map(static fn (Run $run): array => [$run->firstColumn, $run->lastColumn], $runs)));
        $zones_m = array_merge(...array_map(static fn (int $column): array => self::zones_m($design, $column), $columns));
        // A place is rounded to a mark of the tape.
        $half_m = $design->units->roofMark_m() / 2;
        $cure = MoveAlong::cure($design, $members->spacing_m(), 'cure.zones', 'cure.none_zones', static fn (float $move_m): bool => array_filter(
            $zones_m,
            static fn (array $zone): bool => self::within($places_m, $zone[0] + $move_m + $half_m, $zone[1] + $move_m - $half_m) === [],
        ) === []);
        [$from_m, $to_m] = self::zone_m($design);

        return [Finding::of(Code::FeetMissZone, '/block/x_m', [
            'run' => $without[0]->id, 'pairs' => count($without), 'of' => count($runs), 'zone_from_m' => $from_m, 'zone_to_m' => $to_m,
        ] + $cure)];
    }

    /** @return array{float, float} Where it may be clamped, from either end of the side that is held; nowhere without a rating */
    private static function zone_m(Design $design): array
    {
        $zone = array_values($design->ratingsHeld())[0] ?? null;

        return $zone === null ? [INF, -INF] : [$zone->from->toMetres(), min($zone->to->toMetres(), $design->moduleAcross()->toMetres() / 2)];
    }

    /** @return array{array{float, float}, array{float, float}} The same of a module in a column, along the eave */
    private static function zones_m(Design $design, int $column): array
    {
        [$from_m, $to_m] = self::zone_m($design);
        $wide_m = $design->moduleAcross()->toMetres();
        $left_m = $design->block->x->toMetres() + ($column - 1) * ($wide_m + $design->block->columnGap->toMetres());

        return [[$left_m + $from_m, $left_m + $to_m], [$left_m + $wide_m - $to_m, $left_m + $wide_m - $from_m]];
    }

    /**
     * @param list<float> $places_m
     *
     * @return list<int>
     */
    private static function within(array $places_m, float $from_m, float $to_m): array
    {
        return array_keys(array_filter($places_m, static fn (float $x_m): bool => $x_m >= $from_m - 1e-9 && $x_m <= $to_m + 1e-9));
    }

    /**
     * The places of the two feet: pinned ones, else those that share the load the most evenly, near the middles of their zones.
     *
     * @param array{array{float, float}, array{float, float}} $zones_m
     *
     * @return list<int> Two, or the one that there is
     */
    private static function pair(Run $whole, array $zones_m): array
    {
        [$lefts, $rights] = array_map(static function (array $zone) use ($whole): array {
            $places = self::within($whole->candidates_m, ...$zone);

            return array_values(array_intersect($places, $whole->hand->pinned)) ?: $places;
        }, $zones_m);
        [[$from_m, $to_m], [, $end_m]] = $zones_m;
        $middle_m = ($zones_m[0][0] + $end_m) / 2;
        $best = [INF, INF];
        $pair = array_slice([...$lefts, ...$rights], 0, 1);
        foreach ($lefts as $left) {
            foreach ($rights as $right) {
                [$left_m, $right_m] = [$whole->candidates_m[$left], $whole->candidates_m[$right]];
                if ($right_m - $left_m < 1e-9) {
                    continue;
                }
                $off_m = abs($left_m - ($from_m + $to_m) / 2) + abs($right_m - ($zones_m[1][0] + $end_m) / 2);
                $order = [round(max($middle_m - $left_m, $right_m - $middle_m) / ($right_m - $left_m), 6), round($off_m, 6)];
                [$best, $pair] = $order < $best ? [$order, [$left, $right]] : [$best, $pair];
            }
        }

        return $pair;
    }

    /**
     * The same forces at other places, of the same sum and about the same point.
     *
     * @param list<float> $to_m Two
     * @param list<float> $at_m
     * @param list<float> $forces At these
     *
     * @return list<float>
     */
    private static function onto(array $to_m, array $at_m, array $forces): array
    {
        $right = 0.0;
        foreach ($at_m as $index => $x_m) {
            $right += $forces[$index] * ($x_m - $to_m[0]) / ($to_m[1] - $to_m[0]);
        }

        return [array_sum($forces) - $right, $right];
    }
}
