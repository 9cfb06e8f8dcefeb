<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\ModuleRating;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Layout\Course;

/**
 * Two rails under each row, inside the clamp zones, moved there so that the holes suit the shingle courses.
 *
 * By default at 0.215 of the module's length from each end.
 *
 * Source: common practice, no source (0.21 to 0.22 of the length; chalk lines to the eighth of an inch).
 */
final readonly class RailLines
{
    private const DEFAULT_SHARE = 0.215;

    /**
     * @param array<int, array{RailLine, RailLine}> $byRow Lower and upper
     * @param list<Finding> $findings
     */
    private function __construct(public array $byRow, public array $findings)
    {
    }

    /**
     * @param list<int> $rows
     * @param int $number Of the block on its surface
     */
    public static function of(Design $design, Members $members, array $rows, int $number = 1): self
    {
        $findings = [];
        $course = Course::of($design->surface);
        $covering = $design->surface->covering;
        if ($course === null && $covering instanceof Shingles) {
            $findings[] = Finding::of(Code::CoursesUnknown, '/surface/covering/upper_butt_m', [
                'lower_m' => $covering->lowerButt->toMetres(), 'upper_m' => $covering->upperButt->toMetres(),
            ]);
        }
        if ($design->kit->foot->flashing()->makersCover === null) {
            $findings[] = Finding::of(Code::MakersCoverMissing, '/kit/foot/flashing/makers_cover_m', ['foot' => $design->kit->foot->name()]);
        }
        $zones = self::zones($design);
        if ($zones === []) {
            $findings[] = Finding::of(Code::ClampZoneMissing, '/module/ratings', ['module' => $design->module->name, 'side' => $design->heldSide()->value]);
        }
        $byRow = [];
        foreach ($rows as $row) {
            $pair = [self::line($design, $members, $course, $zones, $row, false, $number), self::line($design, $members, $course, $zones, $row, true, $number)];
            $byRow[$row] = $pair;
            foreach ($pair as $line) {
                array_push($findings, ...self::findings($design, $members, $course, $line));
            }
        }

        return new self($byRow, $findings);
    }

    /** @return list<RailLine> From the eave up */
    public function all(): array
    {
        return array_merge(...array_values($this->byRow));
    }

    /** @return list<ModuleRating> The ratings for rails across the side that is held */
    private static function zones(Design $design): array
    {
        return array_values(array_filter(
            $design->module->ratings,
            static fn (ModuleRating $rating): bool => $rating->side === $design->heldSide() && $rating->to->toMetres() >= $rating->from->toMetres(),
        ));
    }

    /** @param list<ModuleRating> $zones */
    private static function line(Design $design, Members $members, ?Course $course, array $zones, int $row, bool $upper, int $number): RailLine
    {
        $block = $design->block;
        $length_m = $design->moduleUp()->toMetres();
        $low_m = $block->y->toMetres() + ($row - 1) * ($length_m + $block->rowGap->toMetres());
        $hole_m = $design->kit->foot->holeOffset()->toMetres();
        $wish_m = self::DEFAULT_SHARE * $length_m;
        $step_m = $design->units->roofMark_m();
        $best = null;
        $leastScore = INF;
        foreach ($zones as $zone) {
            $from_m = $upper ? $length_m - min($zone->to->toMetres(), $length_m / 2) : $zone->from->toMetres();
            $to_m = $upper ? $length_m - $zone->from->toMetres() : min($zone->to->toMetres(), $length_m / 2);
            $first = (int) ceil(($low_m + $from_m + $hole_m) / $step_m - 1e-6);
            $last = (int) floor(($low_m + $to_m + $hole_m) / $step_m + 1e-6);
            $nearest = max($first, min($last, (int) round(($low_m + ($upper ? $length_m - $wish_m : $wish_m) + $hole_m) / $step_m)));
            // Outward from the wish, and no further than where the way alone is too long: penalties only add.
            for ($steps = 0; $steps <= $last - $first && ($steps - 1) * $step_m < $leastScore; ++$steps) {
                foreach ($steps === 0 ? [$nearest] : [$nearest - $steps, $nearest + $steps] as $mark) {
                    if ($mark < $first || $mark > $last) {
                        continue;
                    }
                    $holeY_m = $mark * $step_m;
                    $offset_m = $holeY_m - $hole_m - $low_m;
                    $score = abs(($upper ? $length_m - $offset_m : $offset_m) - $wish_m) + self::penalty($design, $members, $course, $holeY_m);
                    if ($score < $leastScore - 1e-12) {
                        $leastScore = $score;
                        $best = $offset_m;
                    }
                }
            }
        }
        $offset_m = $best ?? ($upper ? $length_m - $wish_m : $wish_m);
        $holeY_m = $low_m + $offset_m + $hole_m;

        return new RailLine(
            self::letter(2 * ($row - 1) + ($upper ? 1 : 0)),
            $row,
            $upper,
            $offset_m,
            $low_m + $offset_m,
            $holeY_m,
            $course?->aboveButt_m($holeY_m),
            $number,
        );
    }

    private static function penalty(Design $design, Members $members, ?Course $course, float $holeY_m): float
    {
        $faults = self::courseFaults($design, $course, $holeY_m);

        return ($members->inLap($holeY_m) ? 1000.0 : 0.0)
            + (isset($faults['plate_below_butt']) ? 100.0 : 0.0)
            + (isset($faults['cover_short']) ? 100.0 : 0.0)
            + (isset($faults['plate_in_nails']) ? 10.0 : 0.0);
    }

    /** @return array<string, float> By finding code, how much is missing in metres */
    private static function courseFaults(Design $design, ?Course $course, float $holeY_m): array
    {
        if ($course === null) {
            return [];
        }
        $flashing = $design->kit->foot->flashing();
        $above_m = $course->aboveButt_m($holeY_m);
        $faults = [];
        if ($above_m < $flashing->below->toMetres() - 1e-6) {
            $faults['plate_below_butt'] = $flashing->below->toMetres() - $above_m;
        }
        if ($flashing->makersCover !== null) {
            $short_m = $course->exposure->plus($flashing->makersCover)->toMetres() - $above_m - $flashing->above->toMetres();
            if ($short_m > 1e-6) {
                $faults['cover_short'] = $short_m;
            }
        }
        if ($course->inNailBand($holeY_m + $flashing->above->toMetres())) {
            $faults['plate_in_nails'] = 0.0;
        }

        return $faults;
    }

    /** @return list<Finding> */
    private static function findings(Design $design, Members $members, ?Course $course, RailLine $line): array
    {
        $findings = [];
        if ($members->inLap($line->holeY_m)) {
            $findings[] = Finding::of(Code::LineInLap, '/surface/framing/lap', ['line' => $line->name(), 'y_m' => $line->holeY_m]);
        }
        foreach (self::courseFaults($design, $course, $line->holeY_m) as $code => $by_m) {
            $values = ['line' => $line->name(), 'above_butt_m' => $line->aboveButt_m ?? 0.0] + ($code === 'plate_in_nails' ? [] : ['by_m' => $by_m]);
            $findings[] = $code === 'plate_in_nails'
                ? Finding::of(Code::PlateInNails, '/kit/foot/flashing/above_m', $values)
                : Finding::of(Code::from($code), '/kit/foot/flashing/below_m', $values);
        }

        return $findings;
    }

    /** A, B … Z, AA … */
    private static function letter(int $index): string
    {
        $letters = '';
        for (++$index; $index > 0; $index = intdiv($index - 1, 26)) {
            $letters = chr(65 + ($index - 1) % 26).$letters;
        }

        return $letters;
    }
}
