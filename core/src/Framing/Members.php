<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

use Garnetine\Core\Design\LayoutFrom;
use Garnetine\Core\Design\Surface;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Quantity\Length;

/**
 * Where the members stand. First member in from the edge = shingle past the rake board + board + structural rake overhang
 * + spacing, from the gable that the layout was pulled from; the last bay at the far end is odd. Gable-end members take no feet.
 *
 * Source: common practice, no source (24 in spacing and 1½ in of overhang put the first rafter at 25½ in).
 */
final readonly class Members
{
    /**
     * @param list<Member> $members Above the lap, ascending
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
    ) {
    }

    public static function of(Surface $surface): self
    {
        $findings = [];
        $framing = $surface->framing;
        $fromRight = self::centres($surface, true);
        $fromLeft = self::centres($surface, false);
        $centres = $framing->layoutFrom === LayoutFrom::Right ? $fromRight : $fromLeft;
        $unknown = $framing->layoutFrom === LayoutFrom::Unknown;
        if ($centres === []) {
            $findings[] = Finding::of(Code::NoMembers, '/surface/framing/spacing_m', ['spacing_m' => $framing->spacing->toMetres()]);
        } elseif ($unknown) {
            $findings[] = Finding::of(Code::LayoutSideUnknown, '/surface/framing/layout_from', [
                'from_left_m' => $fromLeft[0], 'from_right_m' => $fromRight[0],
            ]);
        }
        $fromHip = ($framing->layoutFrom === LayoutFrom::Right ? $surface->rightHip : $surface->leftHip)->toMetres() > 0.0;
        if ($fromHip && $framing->firstMember === null) {
            $findings[] = Finding::of(Code::FirstMemberAtHip, '/surface/framing/first_member_m');
        }
        $lap = $framing->lap;
        if ($lap !== null && $lap->to->toMetres() < $lap->from->toMetres()) {
            $findings[] = Finding::of(Code::LapUpsideDown, '/surface/framing/lap', ['from_m' => $lap->from->toMetres(), 'to_m' => $lap->to->toMetres()]);
        }

        return new self(
            array_map(static fn (int $index, float $x_m): Member => new Member($index + 1, $x_m), array_keys($centres), $centres),
            Length::ofMetres($centres[0] ?? 0.0),
            $unknown ? Length::ofMetres($fromRight[0] ?? 0.0) : null,
            $lap?->from->toMetres(),
            $lap?->to->toMetres(),
            $lap?->shift->toMetres() ?? 0.0,
            $findings,
        );
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
