<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Block\Arrangement;
use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Quantity\Length;

/**
 * A piece of rail under each clamp, a beam over the ribs that it reaches: of two, c and p − c from the clamp, the left one bears
 * P·(p − c)/p, and the piece is bent by P·c·(p − c)/p. What pushes along the slope is shared as what pulls is: a rib near its clamp bears
 * more than half of it.
 *
 * A piece lies over the most ribs that it reaches, as near to its clamp as these let it. On feet it crosses ribs too near to the clamp, and
 * which of the others have one is left to the search for the fewest; a rail on the crests themselves bears on all that it crosses, so that
 * none is left out.
 *
 * Source: statics of a beam on two supports.
 */
final class ShortPieces implements Arranging
{
    public static function runs(Design $design, Arrangement $arrangement, Run $whole): array
    {
        \assert($arrangement instanceof ShortRails);
        $pieces = [];
        foreach ($whole->clamps_m as $index => $clamp_m) {
            $over = self::over($arrangement, $whole->candidates_m, $whole->members, $clamp_m, $whole->onEach);
            $pieces[] = self::piece($design, $arrangement, $whole, $index, $over);
        }

        return $pieces;
    }

    public static function findings(Design $design, Arrangement $arrangement, Members $members, array $runs): array
    {
        \assert($arrangement instanceof ShortRails);
        $without = array_values(array_filter($runs, static fn (Run $run): bool => count($run->candidates_m) < 2));

        return $without === [] ? [] : [Finding::of(Code::ClampBeyondRibs, '/block/x_m', [
            'run' => $without[0]->id, 'clamps' => count($without), 'of' => count($runs), 'clear_m' => $arrangement->clear->toMetres(),
            'piece_m' => $arrangement->piece->toMetres(),
        ] + self::cure($design, $arrangement, $members, $runs))];
    }

    /**
     * Which of the places a piece lies over: the most that it reaches on both sides of its clamp, as near to it as can be.
     *
     * @param list<float> $places_m Ascending
     * @param list<int> $members Those of the places
     * @param bool $onEach Whether none between may be left out
     *
     * @return list<int> Their indices; none where a piece has no place on each side
     */
    private static function over(ShortRails $arrangement, array $places_m, array $members, float $clamp_m, bool $onEach): array
    {
        $clear_m = $arrangement->clear->toMetres() - 1e-9;
        $reach_m = $arrangement->piece->toMetres() - 2 * Length::ofInches(Runs::PAST_IN)->toMetres() + 1e-9;
        $free = array_keys(array_filter($places_m, static fn (float $x_m): bool => abs($x_m - $clamp_m) >= $clear_m));
        $best = [];
        $off_m = INF;
        foreach ($free as $from => $first) {
            for ($to = $from + 1; $to < count($free) && $places_m[$free[$to]] - $places_m[$first] <= $reach_m; ++$to) {
                $isAround = $places_m[$first] < $clamp_m && $places_m[$free[$to]] > $clamp_m
                    && (!$onEach || $members[$free[$to]] - $members[$first] === $to - $from);
                $asideOf_m = abs(($places_m[$first] + $places_m[$free[$to]]) / 2 - $clamp_m);
                $more = $to - $from + 1 - count($best);
                if ($isAround && ($more > 0 || ($more === 0 && $asideOf_m < $off_m - 1e-9))) {
                    [$best, $off_m] = [array_slice($free, $from, $to - $from + 1), $asideOf_m];
                }
            }
        }

        return $best;
    }

    /** @param list<int> $over Places of the whole stretch */
    private static function piece(Design $design, ShortRails $arrangement, Run $whole, int $index, array $over): Run
    {
        $clamp_m = $whole->clamps_m[$index];
        $places_m = array_map(static fn (int $place): float => $whole->candidates_m[$place], $over);
        $middle_m = $places_m === [] ? $clamp_m : ($places_m[0] + $places_m[count($places_m) - 1]) / 2;
        $half_m = $arrangement->piece->toMetres() / 2;
        // A load of the whole stretch counts for each module: the piece weighs as much whatever part of one its clamp holds.
        $weight_N = $design->kit->rail->lineMass->toSi() * Runs::G * (2 * $half_m) / $whole->shares[$index];
        $theta = $design->surface->pitch->toRadians();
        $last = count($whole->clamps_m) - 1;
        $occurring = array_filter($whole->windAreas_m2, static fn (array $areas_m2): bool => $areas_m2[$index] > 0.0);

        return Copy::of(
            $whole,
            id: $whole->id.'.'.($index + 1),
            firstColumn: $whole->firstColumn + max(0, $index - 1),
            lastColumn: $whole->firstColumn + min($index, $last - 1),
            x0_m: $middle_m - $half_m,
            x1_m: $middle_m + $half_m,
            clamps_m: [$clamp_m],
            shares: [$whole->shares[$index]],
            suctions: array_values(array_intersect_key($whole->suctions, $occurring)),
            windAreas_m2: array_values(array_map(static fn (array $areas_m2): array => [$areas_m2[$index]], $occurring)),
            deadNormalMost_N: $whole->deadNormalMost_N + $weight_N * cos($theta),
            deadAlong_N: $whole->deadAlong_N + $weight_N * sin($theta),
            deadVertical_N: $whole->deadVertical_N + $weight_N,
            splices_m: [],
            candidates_m: $places_m,
            members: array_map(static fn (int $place): int => $whole->members[$place], $over),
            hand: new OwnHand(
                array_keys(array_intersect($over, $whole->hand->pinned)),
                barred: array_values(array_filter($whole->hand->barred, static fn (array $bar): bool => abs($bar['x_m'] - $middle_m) <= $half_m)),
            ),
        );
    }

    /**
     * @param list<Run> $runs
     *
     * @return array{cure: string, to_m?: float}
     */
    private static function cure(Design $design, ShortRails $arrangement, Members $members, array $runs): array
    {
        $numbers = array_column($members->members, 'number');
        $places_m = array_column($members->members, 'x_m');
        $onEach = !$design->kit->foot->isBolted();
        $clamps_m = array_values(array_unique(array_map(static fn (Run $run): float => $run->clamps_m[0], $runs)));

        return MoveAlong::cure($design, $members->spacing_m(), 'cure.along', 'cure.none_along', static fn (float $move_m): bool => array_filter(
            $clamps_m,
            static fn (float $clamp_m): bool => self::over($arrangement, $places_m, $numbers, $clamp_m + $move_m, $onEach) === [],
        ) === []);
    }
}
