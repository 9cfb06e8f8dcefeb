<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\CapacityFormat;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Standard;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/**
 * One lag screw through foot, flashing, shingles and deck into a member: what its thread holds.
 *
 * Withdrawal: as entered from its document; else for allowable stresses W = 1800·G^1.5·D^0.75 lb per inch of thread in the
 * member, and to EN 1995 fax·d·lef·kd/γM with the thread in a timber class. Lateral: the maker's value when there is one, else
 * for allowable stresses the general dowel equations with a gap g between plate and member.
 *
 * Source: NDS 2018 §§12.1.4, 12.2.1, 12.3, Appendix L2; AWC TR-12 for the gap; EN 1995-1-1 §8.7.2; recalled.
 */
final readonly class LagInMember
{
    private function __construct(
        public ?float $specificGravity,
        /** Foot base, flashing, shingles, underlayment and deck over the member. */
        public Length $above,
        public Length $shank,
        public Length $thread,
        /** Thread in the member, pt. */
        public Length $threadInMember,
        /** Screw in the member with its tip. */
        public Length $inMember,
        /** Gap between plate and member that the lateral equations bridge. */
        public Length $gap,
        /** Withdrawal of the whole thread, before the duration of the loads; null when nothing gives it. */
        public ?Force $withdrawal,
        public bool $withdrawalIsEntered,
        /** Lateral along the grain, at CD = 1 unless the maker's value is final; null when nothing gives it. */
        public ?Force $lateral,
        public bool $lateralIsMakers,
        public ?string $mode,
        /** p/(8D), at most 1. */
        public float $penetrationFactor,
    ) {
    }

    /** Whether the data holds this length of lag screw. */
    public static function isListed(Length $length): bool
    {
        return Coefficients::has('nds_2018/lag', 'unthreaded/'.self::lengthKey($length));
    }

    /** @throws \OutOfBoundsException If the screw's length is not a listed one. */
    public static function of(Design $design, Coefficients $coefficients): self
    {
        $value = static fn (string $key): float => $coefficients->value('nds_2018/lag', $key);
        $lag = $design->kit->lag;
        $foot = $design->kit->foot;
        $surface = $design->surface;
        $allowable = $design->kit->capacities === CapacityFormat::Allowable;
        $g = $allowable ? $coefficients->value('nds_2018/species', $surface->framing->species->value) : null;
        $d_in = $lag->diameter->size()->toInches();
        $length_in = $lag->length->toInches();
        $shank_in = $value('unthreaded/'.self::lengthKey($lag->length));
        $tip_in = $value('tip/'.$lag->diameter->value);
        $thread_in = $length_in - $shank_in;
        $none = Length::ofMetres(0.0);
        $gap_in = $surface->deckThickness->plus($surface->underlaymentThickness)->plus($foot->sitsOnDeck() ? $none : $surface->shingleThickness)->toInches();
        $above_in = $gap_in + $foot->base()->thickness->plus($foot->sitsOnDeck() ? $none : $foot->flashing()->thickness)->toInches();
        $depth_in = $surface->framing->depth->toInches();
        $pt_in = max(0.0, min($thread_in - $tip_in, $length_in - $above_in - $tip_in, $depth_in));
        $p_in = max(0.0, min($length_in - $above_in - $tip_in, $depth_in));
        $withdrawal = match (true) {
            $lag->pullOut !== null => $lag->pullOut,
            $g !== null => Force::ofPounds($value('withdrawal') * $g ** 1.5 * $d_in ** 0.75 * $pt_in),
            $design->site->standard === Standard::En => self::axial($design, $coefficients, Length::ofInches($pt_in)),
            default => null,
        };
        $factor = $g === null ? 1.0 : min(1.0, $p_in / ($value('full_penetration') * $d_in));
        [$lateral, $mode] = self::lateral($design, $coefficients, $g, $p_in, $gap_in, $factor);

        return new self(
            $g,
            Length::ofInches($above_in),
            Length::ofInches($shank_in),
            Length::ofInches($thread_in),
            Length::ofInches($pt_in),
            Length::ofInches(max(0.0, min($length_in - $above_in, $depth_in))),
            Length::ofInches($gap_in),
            $withdrawal,
            $lag->pullOut !== null,
            $lateral,
            $foot->base()->lateral !== null,
            $mode,
            $factor,
        );
    }

    /**
     * Design strength along a screw at right angles to the grain, before kmod: fax·d·lef·kd/γM, fax = 0.52·d^−0.5·lef^−0.1·ρ^0.8.
     *
     * Source: EN 1995-1-1:2004+A1:2008, §8.7.2, Eqs. 8.38 to 8.40; recalled. Null where the equation does not cover the screw.
     */
    private static function axial(Design $design, Coefficients $coefficients, Length $thread): ?Force
    {
        $diameter = $design->kit->lag->diameter;
        $d_mm = 1000 * $diameter->size()->toMetres();
        $root = $coefficients->value('nds_2018/lag', 'root/'.$diameter->value) / $diameter->size()->toInches();
        $lef_mm = 1000 * $thread->toMetres();
        $class = $design->site->en?->timber;
        if (
            $class === null
            || Printed::under($d_mm, 6.0)
            || Printed::over($d_mm, 12.0)
            || Printed::under($root, 0.6)
            || Printed::over($root, 0.75)
            || Printed::under($lef_mm, $coefficients->value('en_1995_1_1/screws', 'least_length') * $d_mm)
        ) {
            return null;
        }

        return Force::ofSi(
            self::axial_N(
                $d_mm,
                $lef_mm,
                $coefficients->value('en_1995_1_1/screws', 'rho/'.$class->value),
                $coefficients,
            ) / $coefficients->value('en_1995_1_1/screws', 'gamma_m'),
        );
    }

    /** Characteristic strength along a screw at right angles to the grain; sizes in mm, density in kg/m³. */
    public static function axial_N(float $d_mm, float $lef_mm, float $density, Coefficients $coefficients): float
    {
        $fax = $coefficients->value('en_1995_1_1/screws', 'fax') * $d_mm ** -0.5 * $lef_mm ** -0.1 * $density ** 0.8;

        return $fax * $d_mm * $lef_mm * min(1.0, $d_mm / 8);
    }

    /** @return array{Force|null, string|null} Allowable at CD = 1 (or the maker's) and the yield mode */
    private static function lateral(Design $design, Coefficients $coefficients, ?float $g, float $p_in, float $gap_in, float $factor): array
    {
        $foot = $design->kit->foot;
        if ($foot->base()->lateral !== null) {
            return [$foot->base()->lateral, null];
        }
        if ($g === null || !Coefficients::has('nds_2018/lag', 'fes/'.$foot->base()->material->value) || $p_in <= 0) {
            return [null, null];
        }
        $lag = $design->kit->lag->diameter;
        $dowel = DowelInGap::of(
            rootDiameter_in: $coefficients->value('nds_2018/lag', 'root/'.$lag->value),
            bendingYield_psi: $coefficients->value('nds_2018/lag', 'fyb/'.$lag->value),
            memberBearing_psi: 11_200 * $g,
            memberBearing_in: $p_in,
            plateBearing_psi: $coefficients->value('nds_2018/lag', 'fes/'.$foot->base()->material->value),
            plateThickness_in: $foot->base()->thickness->toInches(),
            gap_in: $gap_in,
            reductionIv: $coefficients->value('nds_2018/lag', 'rd/iv'),
        );

        return [Force::ofPounds($dowel->allowable_lb * $factor), $dowel->mode];
    }

    private static function lengthKey(Length $length): string
    {
        return rtrim(rtrim(sprintf('%.3F', $length->toInches()), '0'), '.');
    }
}
