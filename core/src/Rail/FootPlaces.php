<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\Block\Bar;
use Garnetine\Core\Design\Block\RunDatum;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Framing\Purlin;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Layout\LineBands;
use Garnetine\Core\Layout\NoWork;
use Garnetine\Core\Quantity\Length;

/** The places along a rail where a foot may stand, and what the planner decided about them. */
final readonly class FootPlaces
{
    /** A foot keeps off a member's ends. Source: common practice of framing and roofing, no source (3 in). */
    private const FROM_END_IN = 3.0;

    /** Nearer together than this the places of lower rails are not looked at (a choice). */
    private const LOWER_APART_M = 0.25;

    /**
     * @param list<float> $at_m Along the rail, on the marks of the tape
     * @param list<int> $members What each stands on, by its number
     */
    private function __construct(public array $at_m, public array $members, public OwnHand $hand)
    {
    }

    /**
     * The places under a rail; of legs those that a rail and the one above it have in common.
     *
     * @param array{0: RailLine, 1?: RailLine} $lines
     */
    public static function under(Design $design, Members $members, array $lines, float $from_m, float $to_m): self
    {
        $places = array_map(static fn (RailLine $line): self => self::of($design, $members, $line, $from_m, $to_m), $lines);
        if (count($places) === 1) {
            return $places[0];
        }
        [$one, $other] = $places;
        $both = array_keys(array_filter($one->members, static fn (int $member, int $place): bool => array_filter(
            $other->members,
            static fn (int $its, int $at): bool => $its === $member && abs($other->at_m[$at] - $one->at_m[$place]) < 1e-6,
            ARRAY_FILTER_USE_BOTH,
        ) !== [], ARRAY_FILTER_USE_BOTH));
        $pinned = array_map(static fn (self $its): array => array_map(static fn (int $pick): int => $its->members[$pick], $its->hand->pinned), $places);
        $members = array_map(static fn (int $place): int => $one->members[$place], $both);

        return new self(
            array_map(static fn (int $place): float => $one->at_m[$place], $both),
            $members,
            Copy::of(
                $one->hand,
                pinned: array_keys(array_intersect($members, array_merge(...$pinned))),
                barred: [...$one->hand->barred, ...$other->hand->barred],
            ),
        );
    }

    public static function of(Design $design, Members $members, RailLine $line, float $from_m, float $to_m): self
    {
        [$at_m, $numbers, $barred] = match (true) {
            $line->isOnRails => self::overRails($design, $members, $from_m, $to_m),
            $line->isUpSlope => self::upSlope($design, $members, $line, $from_m, $to_m),
            default => self::candidates($design, $members, $line, $from_m, $to_m),
        };

        return new self($at_m, $numbers, self::hand($design, $line, $numbers, $barred));
    }

    /**
     * Where lower rails may lie under a rail across.
     *
     * @return array{list<float>, list<int>, list<array{member: int, x_m: float}>} As candidates()
     */
    private static function overRails(Design $design, Members $members, float $from_m, float $to_m): array
    {
        $past_m = Length::ofInches(Runs::PAST_IN)->toMetres() - 1e-9;
        $candidates = $numbers = $barred = [];
        // Lower rails lie much further apart than ribs do: of near ones every so-manieth is looked at.
        $each = max(1, (int) ceil(self::LOWER_APART_M / max(0.01, $members->spacing_m()) - 1e-9));
        foreach (UpLines::places_m($design, $members) as $number => $x_m) {
            if ($members->purlins !== null && $number % $each !== 0) {
                continue;
            }
            $isBarred = array_filter($design->block->bars, static fn (Bar $bar): bool => $bar->member === $number && $bar->line === null) !== [];
            if ($x_m >= $from_m + $past_m && $x_m <= $to_m - $past_m && !$isBarred) {
                $candidates[] = $x_m;
                $numbers[] = $number;
            } elseif ($isBarred) {
                $barred[] = ['member' => $number, 'x_m' => $x_m];
            }
        }

        return [$candidates, $numbers, $barred];
    }

    /**
     * Where a rail up the slope crosses purlins; along a member, one place for each course that has one.
     *
     * @return array{list<float>, list<int>, list<array{member: int, x_m: float}>} As candidates(); of courses the number counts from the eave
     */
    private static function upSlope(Design $design, Members $members, RailLine $line, float $from_m, float $to_m): array
    {
        $past_m = Length::ofInches(Runs::PAST_IN)->toMetres() - 1e-9;
        if ($line->over === null) {
            return [[], [], []];
        }
        $candidates = $numbers = $barred = [];
        foreach ($members->purlins === null ? self::onMember($design, $members, $line) : self::onPurlins(
            $design,
            $members->purlins->purlins,
            $line,
        ) as $number => $y_m) {
            if ($y_m < $from_m + $past_m || $y_m > $to_m - $past_m || self::inNoWork($design, ...$line->hole_m($y_m))) {
                continue;
            }
            if (self::isBarred($design, $line, $number)) {
                $barred[] = ['member' => $number, 'x_m' => $y_m];
                continue;
            }
            $candidates[] = $y_m;
            $numbers[] = $number;
        }

        return [$candidates, $numbers, $barred];
    }

    /**
     * @param list<Purlin> $purlins
     *
     * @return array<int, float> By number: those that the line crosses, off the edges of the sheet
     */
    private static function onPurlins(Design $design, array $purlins, RailLine $line): array
    {
        $x_m = $line->holeAt_m;
        $sheet = $design->surface->covering;
        $edges = Outline::of($design->surface)->polygon()->edges();
        $clear_m = $sheet instanceof ScrewedMetal ? $sheet->clear->toMetres() - 1e-9 : 0.0;
        $at_m = [];
        foreach ($purlins as $purlin) {
            $away_m = min([INF, ...array_map(static fn (array $edge): float => Polygon::fromEdge_m($edge, $x_m, $purlin->y_m), $edges)]);
            if ($x_m >= $purlin->from_m - 1e-9 && $x_m <= $purlin->to_m + 1e-9 && $away_m >= $clear_m) {
                $at_m[$purlin->number] = $purlin->y_m;
            }
        }

        return $at_m;
    }

    /** @return array<int, float> By course from the eave: the middle of what each leaves to the plate of a foot, where the member lies under it */
    private static function onMember(Design $design, Members $members, RailLine $line): array
    {
        $fromEnd_m = Length::ofInches(self::FROM_END_IN)->toMetres();
        $member = array_column($members->members, null, 'number')[$line->over ?? 0] ?? null;
        $at_m = [];
        foreach (LineBands::ofFeet($design)->holes_m ?? [] as $course => [$low_m, $high_m]) {
            $y_m = self::inBand_m($design, $low_m, $high_m);
            $isUnder = $member !== null && $member->reaches($y_m, $fromEnd_m) && !$members->inLap($y_m) && abs($members->shiftAt_m($y_m)) < 1e-9;
            if ($isUnder && $y_m >= $low_m - 1e-9 && $y_m <= $high_m + 1e-9) {
                $at_m[$course + 1] = $y_m - $line->holeUp_m;
            }
        }

        return $at_m;
    }

    /** The middle of what a course leaves to holes, or the next mark to it at which the plate ends beside the nails. */
    private static function inBand_m(Design $design, float $low_m, float $high_m): float
    {
        $mark_m = $design->units->roofMark_m();
        $middle = (int) round(($low_m + $high_m) / 2 / $mark_m);
        [$course, $plate] = [Course::of($design->surface), $design->kit->foot->flashing()];
        for ($steps = 0; $course !== null && $plate !== null && $steps * $mark_m <= $high_m - $low_m; ++$steps) {
            foreach ([$middle + $steps, $middle - $steps] as $mark) {
                $isIn = $mark * $mark_m >= $low_m - 1e-9 && $mark * $mark_m <= $high_m + 1e-9;
                if ($isIn && !$course->inNailBand($mark * $mark_m + $plate->above->toMetres())) {
                    return $mark * $mark_m;
                }
            }
        }

        return $middle * $mark_m;
    }

    /**
     * Members within the rail's length that reach the line, on the tape from the datum, outside no-work areas and the lap band.
     *
     * @return array{list<float>, list<int>, list<array{member: int, x_m: float}>} Places and members, and those that are barred
     */
    private static function candidates(Design $design, Members $members, RailLine $line, float $x0_m, float $x1_m): array
    {
        $candidates = $numbers = $barred = [];
        if ($members->inLap($line->holeAt_m) || ($members->purlins !== null && $line->purlin === null)) {
            return [[], [], []];
        }
        $sheet = $design->surface->covering instanceof ScrewedMetal ? $design->surface->covering : null;
        $mayStand = $sheet === null ? self::inPan($design) : self::onSheet($design, $sheet, $members, $line);
        $besideRib_m = $sheet !== null && $design->kit->foot->standsInPan() ? $sheet->ribPitch->toMetres() / 2 : 0.0;
        $past_m = Length::ofInches(Runs::PAST_IN)->toMetres() - 1e-9;
        $fromEnd_m = Length::ofInches(self::FROM_END_IN)->toMetres();
        $datum_m = match ($design->rules->runDatum) {
            RunDatum::LeftRake => 0.0,
            RunDatum::RightRake => $design->surface->width->toMetres(),
            RunDatum::FirstMember => ($members->members[0]->x_m ?? 0.0) + $members->shiftAt_m($line->holeAt_m),
        };
        $mark_m = $design->units->roofMark_m();
        foreach ($members->members as $member) {
            $true_m = $member->x_m + $besideRib_m + $members->shiftAt_m($line->holeAt_m);
            $x_m = $datum_m + round(($true_m - $datum_m) / $mark_m) * $mark_m;
            if (
                !$member->reaches($line->holeAt_m, $fromEnd_m)
                || $x_m < $x0_m + $past_m
                || $x_m > $x1_m - $past_m
                || self::inNoWork($design, $x_m, $line->holeAt_m)
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
                if (Polygon::fromEdge_m($edge, $x_m, $line->holeAt_m) < $clear_m) {
                    return false;
                }
            }

            return $isAnywhere || ($purlin !== null && $x_m >= $purlin->from_m - 1e-9 && $x_m <= $purlin->to_m + 1e-9);
        };
    }

    /** @return \Closure(float): bool Whether the arm of a hook there comes out in the pan of a tile, as far as pans are measured */
    public static function inPan(Design $design): \Closure
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
            if ($bar->member === $member && ($bar->line === $line->letter || ($bar->line === null && !$line->isLower))) {
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
