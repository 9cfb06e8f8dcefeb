<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Crossing;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Rail\FootPlaces;
use Garnetine\Core\Rail\Pieces;
use Garnetine\Core\Rail\RailLine;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Rail\Runs;
use Garnetine\Core\Rail\UpLines;
use Garnetine\Core\Rail\UpSlope;

/**
 * The lower rails of a block under the rails across that lie on them: each bears, at every crossing, what the rail there brings by its own
 * beam. Where the two rails of a row share unevenly, what holds down is taken by the least of its crossings and what presses by the most.
 *
 * Source: statics of a beam on beams that do not give.
 */
final class LowerRails
{
    /** @var array<string, FootPlaces> By what a rail lies over and where it ends */
    private array $places = [];

    /** @param int $block Its number on the surface */
    public function __construct(private readonly Design $design, private readonly Members $members, private readonly int $block)
    {
    }

    /**
     * @param list<RunPlan> $uppers Of one block, with the lower rails that hold them
     *
     * @return list<Run> From the left
     */
    public function under(array $uppers): array
    {
        $places_m = [];
        foreach ($uppers as $upper) {
            foreach ($upper->members() as $place => $number) {
                $places_m[$number] = $upper->feet_m()[$place];
            }
        }
        asort($places_m);
        $order = array_keys($places_m);
        $runs = [];
        foreach ($order as $index => $number) {
            $wide_m = self::wide_m($uppers, $places_m, $order[$index - 1] ?? null, $number, $order[$index + 1] ?? null);
            array_push($runs, ...array_filter([$this->run($uppers, $number, $places_m[$number], $wide_m)]));
        }

        return $runs;
    }

    /** @return list<int> The places under a rail across where a lower rail would find any for its feet */
    public function possible(Run $upper): array
    {
        $ends_m = $this->extent_m([$upper]);

        return array_values(array_filter(
            array_keys($upper->members),
            fn (int $pick): bool => $this->places($this->line($upper->members[$pick], $upper->candidates_m[$pick]), $ends_m)->at_m !== [],
        ));
    }

    /** The most places for feet under any lower rail that was looked at. */
    public function longest(): int
    {
        return max([0, ...array_map(static fn (FootPlaces $one): int => count($one->at_m), array_values($this->places))]);
    }

    /** @param array{float, float} $ends_m */
    private function places(RailLine $line, array $ends_m): FootPlaces
    {
        return $this->places[$line->over.' '.$ends_m[0].' '.$ends_m[1]] ??= FootPlaces::of($this->design, $this->members, $line, ...$ends_m);
    }

    /**
     * Half of the way to the lower rail at either side, at the ends what lies beyond.
     *
     * @param list<RunPlan> $uppers
     * @param array<int, float> $places_m
     */
    private static function wide_m(array $uppers, array $places_m, ?int $before, int $number, ?int $after): float
    {
        $ends_m = [];
        foreach ($uppers as $upper) {
            array_push(
                $ends_m,
                ...in_array($number, $upper->members(), true) ? [$upper->run->clamps_m[0], $upper->run->clamps_m[count($upper->run->clamps_m) - 1]] : [],
            );
        }
        $x_m = $places_m[$number];
        $left_m = $before === null ? $x_m - min([$x_m, ...$ends_m]) : ($x_m - $places_m[$before]) / 2;
        $right_m = $after === null ? max([$x_m, ...$ends_m]) - $x_m : ($places_m[$after] - $x_m) / 2;

        return $left_m + $right_m;
    }

    private function line(int $number, float $x_m): RailLine
    {
        return new RailLine(
            "r$number",
            $number,
            false,
            0.0,
            $x_m,
            $x_m + UpLines::holeAside_m($this->design),
            null,
            $this->block,
            null,
            true,
            $number,
            UpLines::holeUp_m($this->design),
            isLower: true,
        );
    }

    /**
     * @param non-empty-list<Run> $over
     *
     * @return array{float, float} From the lower edge of the lowest modules to the upper edge of the uppermost
     */
    private function extent_m(array $over): array
    {
        $rows = array_map(static fn (Run $run): int => $run->line->row, $over);
        $block = $this->design->block;
        $step_m = $this->design->moduleUp()->plus($block->rowGap)->toMetres();

        return [
            $block->y->toMetres() + (min($rows) - 1) * $step_m,
            $block->y->toMetres() + (max($rows) - 1) * $step_m + $this->design->moduleUp()->toMetres(),
        ];
    }

    /** @param list<RunPlan> $uppers */
    private function run(array $uppers, int $number, float $x_m, float $wide_m): ?Run
    {
        $crossings = array_values(array_filter(array_map(static fn (RunPlan $upper): ?Crossing => Crossing::of($upper, $number), $uppers)));
        if ($crossings === []) {
            return null;
        }
        usort($crossings, static fn (Crossing $one, Crossing $other): int => $one->at_m <=> $other->at_m);
        $theta = $this->design->surface->pitch->toRadians();
        $line = $this->line($number, $x_m);
        [$from_m, $to_m] = $this->extent_m(array_map(static fn (Crossing $one): Run => $one->upper->run, $crossings));
        $first_N = $crossings[0]->upper->run->deadNormalMost_N;
        $shares = array_map(static fn (Crossing $one): float => max(1e-9, $one->modules * $one->upper->run->deadNormalMost_N / $first_N), $crossings);
        $all = array_sum($shares);
        $weight_N = $this->design->kit->rail->lineMass->toSi() * Runs::G * ($to_m - $from_m) / $all;
        [$suctions, $areas_m2] = self::suctions($crossings);
        $places = $this->places($line, [$from_m, $to_m]);
        [$snow_N, $upSlope] = self::snow($crossings, $shares, $from_m, $to_m);

        return new Run(
            $line->name(),
            $line,
            $crossings[0]->upper->run->firstColumn,
            $crossings[0]->upper->run->lastColumn,
            $from_m,
            $to_m,
            array_map(static fn (Crossing $one): float => $one->at_m, $crossings),
            $shares,
            $suctions,
            $areas_m2,
            $wide_m,
            $first_N + $weight_N * cos($theta),
            min(array_map(static fn (Crossing $one, float $share): float => $one->modules * $one->upper->run->deadNormalLeast_N / $share, $crossings, $shares)),
            self::sum_N($crossings, 'deadAlong_N') / $all + $weight_N * sin($theta),
            $snow_N,
            max(array_map(static fn (Crossing $one, float $share): float => $one->modules * $one->upper->run->windDown_N / $share, $crossings, $shares)),
            self::sum_N($crossings, 'deadVertical_N') / $all + $weight_N,
            self::sum_N($crossings, 'snowVertical_N') / $all,
            Pieces::splices_m($this->design, $from_m, $to_m, true),
            $this->design->kit->rail->spliceMoment === null,
            $places->at_m,
            $places->members,
            $crossings[0]->upper->run->lightSnow,
            $places->hand,
            upSlope: $upSlope,
        );
    }

    /**
     * @param non-empty-list<Crossing> $crossings
     * @param 'deadAlong_N'|'deadVertical_N'|'snowVertical_N' $what
     */
    private static function sum_N(array $crossings, string $what): float
    {
        return array_sum(array_map(static fn (Crossing $one): float => $one->brings_N($what), $crossings));
    }

    /**
     * @param non-empty-list<Crossing> $crossings
     *
     * @return array{list<Suction>, list<list<float>>} Those that occur, and by each the area that every crossing holds down
     */
    private static function suctions(array $crossings): array
    {
        $suctions = $areas_m2 = [];
        foreach ($crossings as $index => $crossing) {
            foreach ($crossing->areas_m2 as $place => $area_m2) {
                $suction = $crossing->upper->run->suctions[$place];
                $suctions[$suction->key] ??= $suction;
                $areas_m2[$suction->key] ??= array_fill(0, count($crossings), 0.0);
                $areas_m2[$suction->key][$index] += $area_m2;
            }
        }
        ksort($suctions, SORT_STRING);
        ksort($areas_m2, SORT_STRING);

        return [array_values($suctions), array_values(array_map(array_values(...), $areas_m2))];
    }

    /**
     * @param non-empty-list<Crossing> $crossings
     * @param list<float> $shares
     *
     * @return array{array<string, array{float, float}>, UpSlope}
     */
    private static function snow(array $crossings, array $shares, float $from_m, float $to_m): array
    {
        $snow_N = $normal_N = $along_N = [];
        foreach (array_keys($crossings[0]->upper->run->snow_N) as $code) {
            $normal_N[$code] = array_map(static fn (Crossing $one): float => $one->modules * $one->upper->run->snow_N[$code][0], $crossings);
            $along_N[$code] = array_sum(array_map(static fn (Crossing $one): float => $one->modules * $one->upper->run->snow_N[$code][1], $crossings));
            $snow_N[$code] = [
                max(array_map(static fn (float $one_N, float $share): float => $one_N / $share, $normal_N[$code], $shares)),
                $along_N[$code] / array_sum($shares),
            ];
        }

        return [$snow_N, new UpSlope($normal_N, $along_N, $from_m, $to_m)];
    }
}
