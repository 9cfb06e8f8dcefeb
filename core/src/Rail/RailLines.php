<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Framing\Purlin;
use Garnetine\Core\Framing\Purlins;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Layout\LineBands;

/**
 * Two rails under each row, inside the clamp zones, moved there so that the holes suit the shingle courses, or onto purlins.
 *
 * By default at 0.215 of the module's length from each end.
 *
 * Source: common practice, no source (0.21 to 0.22 of the length; chalk lines to the eighth of an inch).
 */
final readonly class RailLines
{
    public const DEFAULT_SHARE = 0.215;

    /**
     * @param array<int, array{RailLine, RailLine}> $pairs Lower and upper by row; of rails up the slope left and right by column
     * @param list<Finding> $findings
     */
    private function __construct(public array $pairs, public array $findings)
    {
    }

    /**
     * @param list<int> $rows That have modules
     * @param int $number Of the block on its surface
     * @param list<int> $columns The same of columns
     */
    public static function of(Design $design, Members $members, array $rows, int $number = 1, array $columns = []): self
    {
        $findings = [];
        $course = Course::of($design->surface);
        $covering = $design->surface->covering;
        if ($course === null && $covering instanceof Shingles) {
            $findings[] = Finding::of(Code::CoursesUnknown, '/surface/covering/upper_butt_m', [
                'lower_m' => $covering->lowerButt->toMetres(), 'upper_m' => $covering->upperButt->toMetres(),
            ]);
        }
        if ($course === null && $covering instanceof Tile) {
            $findings[] = Finding::of(Code::BattensUnknown, '/surface/covering/upper_batten_m', [
                'lower_m' => $covering->lowerBatten->toMetres(), 'upper_m' => $covering->upperBatten->toMetres(),
            ]);
        }
        $flashing = $design->kit->foot->flashing();
        if ($flashing !== null && $flashing->makersCover === null) {
            $findings[] = Finding::of(Code::MakersCoverMissing, '/kit/foot/flashing/makers_cover_m', ['foot' => $design->kit->foot->name()]);
        }
        $zones = [$design->railZones_m(false), $design->railZones_m(true)];
        if ($zones[0] === []) {
            $findings[] = Finding::of(Code::ClampZoneMissing, '/module/ratings', ['module' => $design->module->name, 'side' => $design->heldSide()->value]);
        }
        if ($design->block->arrangement->isUpSlope()) {
            [$pairs, $off] = UpLines::of($design, $members, $columns, $number);

            return new self($pairs, [...$findings, ...$off]);
        }
        $pairs = [];
        foreach ($rows as $row) {
            $pair = [
                self::line($design, $members, $course, $zones[0], $row, false, $number),
                self::line($design, $members, $course, $zones[1], $row, true, $number),
            ];
            $pairs[$row] = $pair;
            // The lower of a row is the upper of the row below.
            $own = $design->block->arrangement->liesBetweenRows() && isset($pairs[$row - 1]) ? [$pair[1]] : $pair;
            foreach ($design->block->arrangement->standsUpSlope() ? [] : $own as $line) {
                array_push($findings, ...self::findings($design, $members, $course, $line));
            }
        }

        return new self($pairs, $findings);
    }

    /** @return list<RailLine> From the eave up, or from the left */
    public function all(): array
    {
        $lines = [];
        foreach (array_merge(...array_values($this->pairs)) as $line) {
            // One that two rows have in common is the first's.
            $lines[$line->letter] ??= $line;
        }

        return array_values($lines);
    }

    /** @param list<array{float, float}> $zones */
    private static function line(Design $design, Members $members, ?Course $course, array $zones, int $row, bool $upper, int $number): RailLine
    {
        $block = $design->block;
        $length_m = $design->moduleUp()->toMetres();
        $low_m = $block->y->toMetres() + ($row - 1) * ($length_m + $block->rowGap->toMetres());
        $hole_m = $design->kit->foot->holeOffset()->toMetres();
        $wish_m = $upper ? $length_m - self::DEFAULT_SHARE * $length_m : self::DEFAULT_SHARE * $length_m;
        if ($block->arrangement->standsUpSlope()) {
            return self::onRails($zones, $low_m, $wish_m, self::letter(self::index($design, $row, $upper)), $row, $upper, $number);
        }
        // Feet in the sheet alone need none.
        $purlin = $members->purlins === null ? null : self::purlin($members->purlins, $zones, $low_m + $hole_m, $wish_m);
        $offset_m = match (true) {
            $block->arrangement->liesBetweenRows() => $upper ? $length_m + $block->rowGap->toMetres() / 2 : -$block->rowGap->toMetres() / 2,
            $purlin !== null => $purlin->y_m - $hole_m - $low_m,
            $members->purlins !== null => $wish_m,
            default => self::onCourses($design, $members, $course, $zones, $low_m + $hole_m, $wish_m) ?? $wish_m,
        };
        $holeY_m = $low_m + $offset_m + $hole_m;

        return new RailLine(
            self::letter(self::index($design, $row, $upper)),
            $row,
            $upper,
            $offset_m,
            $low_m + $offset_m,
            $holeY_m,
            $course?->aboveButt_m($holeY_m),
            $number,
            $purlin?->number,
        );
    }

    /**
     * A rail across on others, which leave it any height: where one would wish it, as near as its zones let it.
     *
     * @param list<array{float, float}> $zones
     */
    private static function onRails(array $zones, float $low_m, float $wish_m, string $letter, int $row, bool $upper, int $number): RailLine
    {
        $best_m = self::nearest($zones, $wish_m);
        $at_m = $low_m + ($best_m ?? $wish_m);

        return new RailLine($letter, $row, $upper, $best_m ?? $wish_m, $at_m, $at_m, null, $number, isOnRails: true);
    }

    /**
     * Where one would wish it, as near as the zones let it; null where there is none.
     *
     * @param list<array{float, float}> $zones
     */
    private static function nearest(array $zones, float $wish_m): ?float
    {
        $best_m = null;
        foreach ($zones as [$from_m, $to_m]) {
            $near_m = min(max($wish_m, $from_m), $to_m);
            $best_m = $from_m <= $to_m && ($best_m === null || abs($near_m - $wish_m) < abs($best_m - $wish_m)) ? $near_m : $best_m;
        }

        return $best_m;
    }

    /**
     * The purlin within the zones of a rail that is nearest to where one would wish it; null where there is none.
     *
     * @param list<array{float, float}> $zones
     * @param float $low_m Height of holes for a rail at the module's lower end
     */
    private static function purlin(Purlins $purlins, array $zones, float $low_m, float $wish_m): ?Purlin
    {
        $best = null;
        foreach ($zones as [$from_m, $to_m]) {
            foreach ($purlins->within($low_m + $from_m, $low_m + $to_m) as $purlin) {
                $isNearer = $best === null || abs($purlin->y_m - $low_m - $wish_m) < abs($best->y_m - $low_m - $wish_m) - 1e-12;
                $best = $isNearer ? $purlin : $best;
            }
        }

        return $best;
    }

    /**
     * The place of a rail within its zones, on the marks of a tape, whose holes suit the courses best; null where no zone has one.
     *
     * @param list<array{float, float}> $zones
     * @param float $low_m Height of holes for a rail at the module's lower end
     */
    private static function onCourses(Design $design, Members $members, ?Course $course, array $zones, float $low_m, float $wish_m): ?float
    {
        $step_m = $design->units->roofMark_m();
        $best_m = null;
        $leastScore = INF;
        foreach ($zones as [$from_m, $to_m]) {
            $first = (int) ceil(($low_m + $from_m) / $step_m - 1e-6);
            $last = (int) floor(($low_m + $to_m) / $step_m + 1e-6);
            $nearest = max($first, min($last, (int) round(($low_m + $wish_m) / $step_m)));
            // Outward from the wish, and no further than where the way alone is too long: penalties only add.
            for ($steps = 0; $steps <= $last - $first && ($steps - 1) * $step_m < $leastScore; ++$steps) {
                foreach ($steps === 0 ? [$nearest] : [$nearest - $steps, $nearest + $steps] as $mark) {
                    if ($mark < $first || $mark > $last) {
                        continue;
                    }
                    $score = abs($mark * $step_m - $low_m - $wish_m) + self::penalty($design, $members, $course, $mark * $step_m);
                    if ($score < $leastScore - 1e-12) {
                        $leastScore = $score;
                        $best_m = $mark * $step_m - $low_m;
                    }
                }
            }
        }

        // Holes of a frame lie on no mark of a tape: there the slot of the foot takes up what is left.
        return $best_m ?? ($design->kit->clamp->frameHole === null ? null : self::nearest($zones, $wish_m));
    }

    private static function penalty(Design $design, Members $members, ?Course $course, float $holeY_m): float
    {
        $faults = self::courseFaults($design, $course, $holeY_m);

        return ($members->inLap($holeY_m) ? 1000.0 : 0.0)
            + (isset($faults['plate_below_butt']) ? 100.0 : 0.0)
            + (isset($faults['plate_on_batten']) ? 100.0 : 0.0)
            + (isset($faults['arm_under_tile']) ? 100.0 : 0.0)
            + (isset($faults['cover_short']) ? 100.0 : 0.0)
            + (isset($faults['plate_in_nails']) || isset($faults['straddles_butt']) ? 10.0 : 0.0);
    }

    /** @return array<string, float> By finding code, how much is missing in metres */
    private static function courseFaults(Design $design, ?Course $course, float $holeY_m): array
    {
        $flashing = $design->kit->foot->flashing();
        if ($course === null) {
            return [];
        }
        $long = $design->kit->foot->onOneCourse();
        if ($long !== null) {
            $past_m = $course->pastButt_m($holeY_m - $design->kit->foot->base()->heel->toMetres(), $long);

            return $past_m > 1e-6 ? ['straddles_butt' => $past_m] : [];
        }
        if ($flashing === null) {
            return self::battenFaults($design, $course, $holeY_m);
        }
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

    /** @return array<string, float> The same of hooks between battens */
    private static function battenFaults(Design $design, Course $course, float $holeY_m): array
    {
        $foot = $design->kit->foot;
        $long = $foot->betweenBattens();
        if ($long === null) {
            return [];
        }
        $from_m = $holeY_m - $foot->base()->heel->toMetres();
        $faults = ['plate_on_batten' => $course->onBatten_m($from_m, $long), 'arm_under_tile' => $course->underTile_m($from_m, $foot->limits()->arm?->reach)];

        return array_filter($faults, static fn (float $by_m): bool => $by_m > 1e-6);
    }

    /** @return list<Finding> */
    private static function findings(Design $design, Members $members, ?Course $course, RailLine $line): array
    {
        $findings = [];
        $faults = self::courseFaults($design, $course, $line->holeAt_m);
        $isOff = ($members->purlins !== null && $line->purlin === null) || isset($faults['plate_on_batten']) || isset($faults['arm_under_tile']);
        $cure = $isOff ? LineBands::of($design)?->cure($design) ?? [] : [];
        if ($members->purlins !== null && $line->purlin === null) {
            $findings[] = Finding::of(Code::LineOffPurlin, '/block/y_m', ['line' => $line->name()] + $cure);
        }
        if ($members->inLap($line->holeAt_m)) {
            $findings[] = Finding::of(Code::LineInLap, '/surface/framing/lap', ['line' => $line->name(), 'y_m' => $line->holeAt_m]);
        }
        foreach ($faults as $code => $by_m) {
            $values = ['line' => $line->name(), 'above_butt_m' => $line->aboveButt_m ?? 0.0] + ($code === 'plate_in_nails' ? [] : ['by_m' => $by_m]) + $cure;
            $findings[] = Finding::of(Code::from($code), match ($code) {
                'plate_in_nails' => '/kit/foot/flashing/above_m',
                'plate_on_batten', 'arm_under_tile', 'straddles_butt' => '/block/y_m',
                default => '/kit/foot/flashing/below_m',
            }, $values);
        }

        return $findings;
    }

    /** Of a line within its block, from 0: two for each row, of those between rows one more than there are rows. */
    private static function index(Design $design, int $row, bool $upper): int
    {
        return ($design->block->arrangement->liesBetweenRows() ? 1 : 2) * ($row - 1) + ($upper ? 1 : 0);
    }

    /** A, B … Z, AA … */
    public static function letter(int $index): string
    {
        $letters = '';
        for (++$index; $index > 0; $index = intdiv($index - 1, 26)) {
            $letters = chr(65 + ($index - 1) % 26).$letters;
        }

        return $letters;
    }
}
