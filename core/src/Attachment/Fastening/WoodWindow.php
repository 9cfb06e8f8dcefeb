<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Quantity\Length;

/**
 * How far a screw may go in beside the centre of its member, e: its edge distance k·D counts at the middle of the thread, and
 * at the tip one diameter must be left.
 *
 * e = min{b/2 − k·D − (p − E − pt/2)·tan φ − u, b/2 − D − p·tan φ − u}, p in the member with its tip E, pt the thread in it, φ the
 * lean of the drill, u the width of the mark.
 *
 * Source: of a lag 1.5D, NDS 2018 Table 12.5.1C, recalled; of other screws their maker's, else see FastenerInMember; counted at the
 * middle of the thread as in EN 1995-1-1 Table 8.6, recalled, MEDIUM; lean and mark: common practice, no source.
 */
final readonly class WoodWindow
{
    public const LEAN_BY_HAND_DEG = 3.0;
    public const LEAN_GUIDED_DEG = 1.0;
    public const MARK_IN = 0.0625;

    /** Under this the finding of the centre asks for more than a hand gives. */
    public const SMALL_IN = 0.125;

    private function __construct(
        /** Zero or less when the screw cannot keep its distances. */
        public float $window_m,
        public float $edge_m,
        public float $inMember_m,
        public float $lean_deg,
    ) {
    }

    public static function of(Design $design, FastenerInMember $screw, Length $edge): self
    {
        $d_in = $design->kit->fastener->diameter()->toInches();
        $edge_in = $edge->toInches();
        $p_in = $screw->inMember->toInches();
        $tip_in = $screw->tip->toInches();
        $lean_deg = $design->kit->fastener->isGuided() ? self::LEAN_GUIDED_DEG : self::LEAN_BY_HAND_DEG;
        $lean = tan(deg2rad($lean_deg));
        $half_in = $design->surface->framing->width->toInches() / 2 - self::MARK_IN;
        $window_in = min(
            $half_in - $edge_in - max(0.0, $p_in - $tip_in - $screw->threadInMember->toInches() / 2) * $lean,
            $half_in - $d_in - $p_in * $lean,
        );

        return new self(0.0254 * $window_in, 0.0254 * $edge_in, 0.0254 * $p_in, $lean_deg);
    }

    /** As crews are told it: down to the sixteenth of an inch, or the millimetre, never below nothing. */
    public function told_m(float $step_m): float
    {
        return max(0.0, floor($this->window_m / $step_m + 1e-6) * $step_m);
    }
}
