<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\SeamedMetal;
use Garnetine\Core\Design\Rules;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Design\Surface\Framing;
use Garnetine\Core\Design\Surface\Known;
use Garnetine\Core\Design\Surface\LayoutFrom;
use Garnetine\Core\Design\Surface\MemberKind;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Design\Surface\Surface;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Quantity\Length;

/**
 * Where the members stand. First member in from the edge = shingle past the rake board + board + structural rake overhang
 * + spacing, from the gable that the layout was pulled from; the last bay at the far end is odd. Gable-end members take no feet.
 *
 * What was found rules: a member of its own number stands where it was found, ends where it ends, or is not there. Of two plies
 * side by side the left one takes the fasteners, of three the middle one.
 *
 * On standing seams the seams are the members along a line; the ribs of a sheet are where feet hold in it alone, and on a deck without known
 * members the places that the planner spaces out.
 *
 * Where members run along the eave, a line of rail lies on one of them, and its feet stand by the ribs of the sheet: these are then the
 * members along the line, counted from the left edge.
 *
 * Source: common practice, no source (24 in spacing and 1½ in of overhang put the first rafter at 25½ in).
 */
final readonly class Members
{
    /** Purlins are not nearer to each other. Source: common practice, no source. */
    private const LEAST_SPACE_M = 0.2;

    /**
     * @param list<Member> $members Above the lap, ascending; over purlins the ribs
     * @param list<Finding> $findings
     */
    private function __construct(
        public array $members,
        public Length $first,
        /** The same first member, were the layout pulled from the other gable; null when the side is known. */
        public ?Length $firstOtherwise,
        private ?float $lapFrom_m,
        private ?float $lapTo_m,
        private float $shift_m,
        public array $findings,
        /** @var array<int, float> By number: to the middle of the bay at either side */
        private array $tributaries_m,
        private float $spacing_m,
        public ?Purlins $purlins = null,
        /**
         * Whether they are no members but seams of the sheet, or ribs or a deck that feet stand on alone: these hand their load on in ways that are not
         * looked into.
         */
        public bool $areOfSheet = false,
    ) {
    }

    /**
     * @param Length|null $tolerance How far a foot may stand from its mark; the usual where none is entered
     * @param bool $inSheet Whether feet hold in the sheet alone, on any of its ribs
     */
    public static function of(Surface $surface, ?Length $tolerance = null, bool $inSheet = false): self
    {
        $framing = $surface->framing;
        $proven = self::toProve($surface, $tolerance ?? Length::ofInches(Rules::USUAL_PLACING_IN));
        if ($inSheet && $surface->covering instanceof ScrewedMetal) {
            return self::ofSheet($surface, $surface->covering->firstRib, $surface->covering->ribPitch);
        }
        if ($framing->kind === MemberKind::DeckOnly) {
            return self::ofSheet($surface, $framing->firstMember ?? $framing->spacing, $framing->spacing);
        }
        $purlins = Purlins::of($surface);
        if ($purlins !== null && $surface->covering instanceof ScrewedMetal) {
            return self::ribs($surface, $surface->covering, $purlins, $proven);
        }
        if ($surface->covering instanceof SeamedMetal) {
            return self::ofSheet($surface, $surface->covering->firstSeam, $surface->covering->seamPitch);
        }
        $findings = [];
        $fromRight = self::centres($surface, true);
        $fromLeft = self::centres($surface, false);
        $centres = $framing->layoutFrom === LayoutFrom::Right ? $fromRight : $fromLeft;
        $unknown = $framing->layoutFrom === LayoutFrom::Unknown;
        if ($centres === [] && $framing->own === []) {
            $findings[] = Finding::of(Code::NoMembers, '/surface/framing/spacing_m', ['spacing_m' => $framing->spacing->toMetres()]);
        } elseif ($unknown) {
            $findings[] = Finding::of(Code::LayoutSideUnknown, '/surface/framing/layout_from', [
                'from_left_m' => $fromLeft[0], 'from_right_m' => $fromRight[0],
            ]);
        }
        if (!self::startsAtRake($surface) && $framing->firstMember === null) {
            $findings[] = Finding::of(Code::FirstMemberAtHip, '/surface/framing/first_member_m');
        }
        $lap = $framing->lap;
        if ($lap !== null && $lap->to->toMetres() < $lap->from->toMetres()) {
            $findings[] = Finding::of(Code::LapUpsideDown, '/surface/framing/lap', ['from_m' => $lap->from->toMetres(), 'to_m' => $lap->to->toMetres()]);
        }

        $even = array_map(static fn (int $index, float $x_m): Member => new Member($index + 1, $x_m), array_keys($centres), $centres);
        $members = self::within($surface, $framing->own === [] ? $even : self::found($even, $framing));
        array_push($findings, ...self::misplaced($surface, $members), ...$proven);

        return new self(
            $members,
            Length::ofMetres($centres[0] ?? 0.0),
            $unknown ? Length::ofMetres($fromRight[0] ?? 0.0) : null,
            $lap?->from->toMetres(),
            $lap?->to->toMetres(),
            $lap?->shift->toMetres() ?? 0.0,
            $findings,
            $framing->own === [] ? [] : self::tributaries_m($members, $framing->spacing->toMetres()),
            $framing->spacing->toMetres(),
        );
    }

    /** @param list<Finding> $proven What of the purlins is to be proven */
    private static function ribs(Surface $surface, ScrewedMetal $sheet, Purlins $purlins, array $proven): self
    {
        $pitch_m = $sheet->ribPitch->toMetres();
        $isWrong = $sheet->space()->toMetres() < self::LEAST_SPACE_M || $sheet->upperScrews->toMetres() > $surface->slopeLength->toMetres();
        $wrong = Finding::of(Code::ScrewLinesWrong, '/surface/covering/upper_screws_m', [
            'lower_m' => $sheet->lowerScrews->toMetres(), 'upper_m' => $sheet->upperScrews->toMetres(), 'spaces' => $sheet->spacesBetween,
        ]);

        $lying = array_map(static fn (Purlin $one): Member => new Member($one->number, $one->y_m), $purlins->purlins);

        return new self(
            self::within($surface, self::even($sheet->firstRib, $sheet->ribPitch, $surface->width)),
            $sheet->firstRib,
            null,
            null,
            null,
            0.0,
            [...$isWrong ? [$wrong] : [], ...self::misplaced($surface, $lying), ...$proven],
            [],
            $pitch_m,
            $purlins,
        );
    }

    private static function ofSheet(Surface $surface, Length $first, Length $pitch): self
    {
        return new self(
            self::within($surface, self::even($first, $pitch, $surface->width)),
            $first,
            null,
            null,
            null,
            0.0,
            [],
            [],
            $pitch->toMetres(),
            areOfSheet: true,
        );
    }

    /** @return list<Member> One every pitch, as far as the roof is wide */
    private static function even(Length $first, Length $pitch, Length $width): array
    {
        $even = [];
        for ($x_m = $first->toMetres(); $x_m <= $width->toMetres() + 1e-9; $x_m = $first->toMetres() + count($even) * $pitch->toMetres()) {
            $even[] = new Member(count($even) + 1, $x_m);
        }

        return $even;
    }

    /** From one of those that feet are counted by to the next. */
    public function spacing_m(): float
    {
        return $this->spacing_m;
    }

    /**
     * Under an outline by its corners members end at its edges, and those that do not reach under it are none.
     *
     * @param list<Member> $members
     *
     * @return list<Member>
     */
    private static function within(Surface $surface, array $members): array
    {
        $outline = Outline::of($surface);
        if ($outline->given === [] || $outline->trouble() !== null) {
            return $members;
        }
        $polygon = $outline->polygon();
        $under = [];
        foreach ($members as $member) {
            $ends_m = $polygon->upright_m($member->x_m);
            if ($ends_m !== null && $ends_m[1] > $ends_m[0] + 1e-6) {
                $under[] = new Member($member->number, $member->x_m, max($member->from_m, $ends_m[0]), min($member->to_m, $ends_m[1]), $member->plies);
            }
        }

        return $under;
    }

    /** Whether the rule that puts the first member at a rake has a rake there. */
    private static function startsAtRake(Surface $surface): bool
    {
        $isRight = $surface->framing->layoutFrom === LayoutFrom::Right;
        $outline = Outline::of($surface);
        if ($outline->given === []) {
            return ($isRight ? $surface->rightHip : $surface->leftHip)->toMetres() <= 0.0;
        }
        $side_m = $isRight ? $surface->width->toMetres() : 0.0;
        foreach ($outline->polygon()->edges() as $edge => [[$from_m], [$to_m]]) {
            if ($outline->given[$edge]->edge === EdgeKind::Rake && max(abs($from_m - $side_m), abs($to_m - $side_m)) < 1e-6) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Member> $even
     *
     * @return list<Member> With what was found in their place, ascending
     */
    private static function found(array $even, Framing $framing): array
    {
        $members = array_column($even, null, 'number');
        foreach ($framing->own as $own) {
            unset($members[$own->number]);
            if ($own->x !== null) {
                $ply_m = $own->plies % 2 === 0 ? -$framing->width->toMetres() / 2 : 0.0;
                $members[$own->number] = new Member(
                    $own->number,
                    $own->x->toMetres() + $ply_m,
                    $own->from?->toMetres() ?? 0.0,
                    $own->to?->toMetres() ?? INF,
                    $own->plies,
                );
            }
        }
        usort($members, static fn (Member $one, Member $other): int => $one->x_m <=> $other->x_m);

        return $members;
    }

    /**
     * @param list<Member> $members
     *
     * @return array<int, float>
     */
    private static function tributaries_m(array $members, float $spacing_m): array
    {
        $widths_m = [];
        foreach ($members as $index => $member) {
            $left_m = $index === 0 ? $spacing_m : $member->x_m - $members[$index - 1]->x_m;
            $right_m = $index === count($members) - 1 ? $spacing_m : $members[$index + 1]->x_m - $member->x_m;
            $widths_m[$member->number] = ($left_m + $right_m) / 2;
        }

        return $widths_m;
    }

    /** Width of roof that a member carries: its spacing, or half of the bays at either side where they are uneven. */
    public function tributary_m(int $number): float
    {
        return $this->tributaries_m[$number] ?? $this->spacing_m;
    }

    /** The widest of any, which is the least favourable for a member that is looked at alone. */
    public function widest_m(): float
    {
        return max([$this->spacing_m, ...$this->tributaries_m]);
    }

    public function isEven(): bool
    {
        return $this->tributaries_m === [];
    }

    /**
     * @param list<Member> $members
     *
     * @return list<Finding> Members that cannot be where they were entered
     */
    private static function misplaced(Surface $surface, array $members): array
    {
        $findings = [];
        $taken = [];
        $isAcross = $surface->framing->kind->runAcross();
        foreach ($surface->framing->own as $index => $own) {
            $at = "/surface/framing/own/$index";
            $x_m = $own->x?->toMetres() ?? 0.0;
            $width_m = $surface->framing->width->toMetres();
            $others = array_filter(
                $members,
                static fn (Member $other): bool => $other->number !== $own->number && abs($other->x_m - $x_m) < $own->plies * $width_m - 1e-6,
            );
            $code = match (true) {
                isset($taken[$own->number]) => Code::MemberTwice,
                $own->x === null => null,
                $x_m > ($isAcross ? $surface->slopeLength : $surface->width)->toMetres() => Code::MemberOffSurface,
                $own->from !== null && $own->to !== null && $own->to->toMetres() <= $own->from->toMetres() => Code::MemberUpsideDown,
                $others !== [] => Code::MembersCollide,
                default => null,
            };
            $taken[$own->number] = true;
            if ($code !== null) {
                $findings[] = Finding::of($code, $at, ['member' => $own->number, 'x_m' => $x_m]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> Members that are not known as well as a foot is to be placed */
    private static function toProve(Surface $surface, Length $tolerance): array
    {
        $within = static fn (?Known $known, ?Length $plusMinus): bool => $known !== Known::Assumed
            && ($plusMinus === null || $plusMinus->toMetres() <= $tolerance->toMetres() + 1e-9);
        $framing = $surface->framing;
        $findings = $within($framing->known, $framing->plusMinus)
            ? []
            : [Finding::of(
                Code::ProveMemberFirst,
                '/surface/framing/known',
                ['member' => $framing->kind->runAcross() ? 'purlins.all' : 'members.all', 'tolerance_m' => $tolerance->toMetres()],
            )];
        foreach ($framing->own as $index => $own) {
            if ($own->x !== null && !$within($own->known, $own->plusMinus)) {
                $findings[] = Finding::of(
                    Code::ProveMemberFirst,
                    "/surface/framing/own/$index/known",
                    ['member' => $own->number, 'tolerance_m' => $tolerance->toMetres()],
                );
            }
        }

        return $findings;
    }

    /** @return list<float> Centres of the members between the gable-end members, ascending from the left rake */
    private static function centres(Surface $surface, bool $fromRight): array
    {
        $framing = $surface->framing;
        $width_m = $surface->width->toMetres();
        $spacing_m = $framing->spacing->toMetres();
        $board_m = $framing->shingleOverhang->plus($framing->rakeBoard)->toMetres();
        $near_m = $board_m + ($fromRight ? $surface->rightRakeOverhang : $surface->leftRakeOverhang)->toMetres();
        $far_m = $board_m + ($fromRight ? $surface->leftRakeOverhang : $surface->rightRakeOverhang)->toMetres();
        // The far gable-end member stands inside the wall line; the last common member stays clear of it.
        $end_m = $width_m - $far_m - 1.5 * $framing->width->toMetres();
        $centres = [];
        for ($x_m = $framing->firstMember?->toMetres() ?? $near_m + $spacing_m; $x_m <= $end_m; $x_m += $spacing_m) {
            $centres[] = $fromRight ? $width_m - $x_m : $x_m;
        }
        sort($centres);

        return $centres;
    }

    /** Whether a height on the slope lies inside the lap band, where no foot goes; its ends count as outside. */
    public function inLap(float $y_m): bool
    {
        return $this->lapFrom_m !== null && $y_m > $this->lapFrom_m + 1e-9 && $y_m < $this->lapTo_m - 1e-9;
    }

    /** Sideways shift of the members at a height: the lower run below the lap. */
    public function shiftAt_m(float $y_m): float
    {
        return $this->lapFrom_m !== null && $y_m <= $this->lapFrom_m + 1e-9 ? $this->shift_m : 0.0;
    }
}
