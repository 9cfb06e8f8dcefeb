<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\CapacityFormat;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Fastener\Fastener;
use Garnetine\Core\Fastener\LagScrew;
use Garnetine\Core\Fastener\SteelScrew;
use Garnetine\Core\Fastener\StructuralScrew;
use Garnetine\Core\Fastener\WoodScrew;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SteelStrength;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/**
 * One fastener through foot, flashing, shingles and deck into a member: what its thread holds.
 *
 * Withdrawal: as entered from its document; else for allowable stresses W = 1800·G^1.5·D^0.75 (lag) or 2850·G²·D (wood screw) lb per
 * inch of thread in the member, and for a lag to EN 1995 fax·d·lef·kd/γM with the thread in a timber class. Lateral: the maker's
 * value when there is one, else for allowable stresses the general dowel equations with a gap g between plate and member. Of a
 * structural screw nothing is computed. The tip of a wood screw, two diameters, grips nothing: on the safe side. On a purlin the push down
 * the slope goes across the grain: bearing Fe⊥ = 6100·G^1.45/√D, Rd times Kθ = 1.25, and four diameters to the face that is pushed against,
 * for lags; screws under a quarter of an inch bear the same both ways.
 *
 * Source: NDS 2018 §§12.1.4, 12.1.5, 12.2.1, 12.2.2, 12.3, Tables 12.3.1B, 12.5.1C, Appendix L2, L3; AWC TR-12 for the gap; EN 1995-1-1 §8.7.2; recalled.
 */
final readonly class FastenerInMember
{
    private const LAG = 'nds_2018/lag';
    private const WOOD = 'nds_2018/wood_screw';

    private function __construct(
        public ?float $specificGravity,
        /** Foot base, flashing, shingles, underlayment and deck over the member. */
        public Length $above,
        public Length $shank,
        /** What of it grips nothing. */
        public Length $tip,
        /** Thread in the member, pt. */
        public Length $threadInMember,
        /** Screw in the member with its tip. */
        public Length $inMember,
        /** Gap between plate and member that the lateral equations bridge. */
        public Length $gap,
        /** Least thread in the member; null where nothing asks for one. */
        public ?Length $leastThread,
        /** Least distance from the face of the member; null where it is still to be entered. */
        public ?Length $edge,
        /** Least distance between two in line; null where there is one, or it is still to be entered. */
        public ?Length $spacing,
        /** Withdrawal of the whole thread, before the duration of the loads; null when nothing gives it. */
        public ?Force $withdrawal,
        public bool $withdrawalIsEntered,
        /** Lateral down the slope, at CD = 1 unless the maker's value is final; null when nothing gives it. */
        public ?Force $lateral,
        public bool $lateralIsMakers,
        public ?string $mode,
        /** p over the penetration from which the lateral counts whole, at most 1. */
        public float $penetrationFactor,
        /** What the plain sum of the ratios of pull and push may come to. */
        public float $together = 1.0,
        /** Whether the duration of the loads changes neither. */
        public bool $isSteel = false,
    ) {
    }

    /** Whether its sizes are known: of lag screws the data holds some lengths. */
    public static function isKnown(Fastener $fastener): bool
    {
        return !$fastener instanceof LagScrew || Coefficients::has(self::LAG, 'unthreaded/'.self::lengthKey($fastener->length));
    }

    /** @throws \OutOfBoundsException If its sizes are not known. */
    public static function of(Design $design, Coefficients $coefficients): self
    {
        $fastener = $design->kit->fastener;
        $foot = $design->kit->foot;
        $surface = $design->surface;
        $allowable = $design->kit->capacities === CapacityFormat::Allowable;
        $none = Length::ofMetres(0.0);
        $deck = $foot->intoSheet() ? $none : $surface->deck->thickness($surface->deckThickness);
        $gap_in = $deck->plus($foot->over($surface->covering))->toInches();
        $above_in = $gap_in + $foot->base()->thickness->plus($foot->sitsOnDeck() ? $none : $foot->flashing()->thickness ?? $none)->toInches();
        if ($fastener instanceof SteelScrew) {
            return self::inSteel($design, $fastener, Length::ofInches($above_in), Length::ofInches($gap_in), $coefficients);
        }
        $g = $allowable ? $coefficients->value('nds_2018/species', $surface->framing->species->value) : null;
        $d_in = $fastener->diameter()->toInches();
        $length_in = $fastener->length()->toInches();
        [$thread_in, $tip_in] = self::thread_in($fastener, $coefficients);
        $depth_in = $surface->framing->depth->toInches();
        $pt_in = max(0.0, min($thread_in - $tip_in, $length_in - $above_in - $tip_in, $depth_in));
        $p_in = max(0.0, min($length_in - $above_in - $tip_in, $depth_in));
        $factor = $g === null || $fastener instanceof StructuralScrew ? 1.0
            : min(1.0, $p_in / ($coefficients->value(self::table($fastener), 'full_penetration') * $d_in));
        [$least_in, $edge, $spacing] = self::distances($design, $coefficients);
        [$lateral, $mode] = self::lateral($design, $coefficients, $g, $p_in, $gap_in, $factor);

        return new self(
            $g,
            Length::ofInches($above_in),
            Length::ofInches($length_in - $thread_in),
            Length::ofInches($tip_in),
            Length::ofInches($pt_in),
            Length::ofInches(max(0.0, min($length_in - $above_in, $depth_in))),
            Length::ofInches($gap_in),
            $least_in === null ? null : Length::ofInches($least_in),
            $edge,
            $spacing,
            self::withdrawal($design, $coefficients, $g, $pt_in),
            $fastener->pullOut() !== null,
            $lateral,
            $foot->base()->lateral !== null,
            $mode,
            $factor,
        );
    }

    /** In a purlin of steel, or in the sheet over it: its thickness grips, and the screw bears no more than its maker says. */
    private static function inSteel(Design $design, SteelScrew $screw, Length $above, Length $gap, Coefficients $coefficients): self
    {
        $steel = $design->kit->foot->intoSheet() ? $design->surface->covering->thickness() : $design->surface->framing->steelThickness;
        $thickness = $steel ?? Length::ofMetres(0.0);
        $strength = SteelStrength::of($design, $coefficients);
        $isComputed = $design->kit->capacities === CapacityFormat::Allowable && $steel !== null;
        $least = static fn (Force $steel, ?Force $own): Force => Force::ofSi(min($steel->toSi(), $own?->toSi() ?? INF));
        $pullOut = $isComputed ? ScrewInSteel::pullOut($thickness, $screw->diameter, $strength, $coefficients) : null;
        $shear = $isComputed ? ScrewInSteel::shear($thickness, $screw->diameter, $strength, $coefficients) : null;
        $own = $pullOut === null ? null : $least($pullOut, $screw->tension);
        // What was tested in a sheet counts no more than its thickness holds.
        $withdrawal = match (true) {
            $screw->pullOut === null => $own,
            $own !== null && $design->kit->foot->intoSheet() => $least($own, $screw->pullOut),
            default => $screw->pullOut,
        };
        $lateral = $design->kit->foot->base()->lateral ?? ($shear === null ? null : $least($shear, $screw->shear));
        $grip = Length::ofMetres(max(0.0, min($screw->length->minus($above)->toMetres(), $thickness->toMetres())));
        // The published sum is that of pull-out and tilting or bearing; of other strengths the plain one.
        $isPublished = $withdrawal !== null && $lateral !== null && $withdrawal->toSi() === $pullOut?->toSi() && $lateral->toSi() === $shear?->toSi();

        return new self(
            null,
            $above,
            Length::ofMetres(0.0),
            Length::ofMetres(0.0),
            $grip,
            $grip,
            $gap,
            $thickness,
            ScrewInSteel::edge($screw, $coefficients),
            ScrewInSteel::spacing($screw, $coefficients),
            $withdrawal,
            $screw->pullOut !== null,
            $lateral,
            $design->kit->foot->base()->lateral !== null,
            null,
            1.0,
            $isPublished ? ScrewInSteel::together($coefficients) : 1.0,
            true,
        );
    }

    private static function table(Fastener $fastener): string
    {
        return $fastener instanceof LagScrew ? self::LAG : self::WOOD;
    }

    /** @return array{float, float} Its thread with the tip, and the tip */
    private static function thread_in(Fastener $fastener, Coefficients $coefficients): array
    {
        return match (true) {
            $fastener instanceof LagScrew => [
                $fastener->length->toInches() - $coefficients->value(self::LAG, 'unthreaded/'.self::lengthKey($fastener->length)),
                $coefficients->value(self::LAG, 'tip/'.$fastener->diameter->value),
            ],
            $fastener instanceof WoodScrew => [
                min($fastener->thread->toInches(), $fastener->length->toInches()),
                $coefficients->value(self::WOOD, 'tip') * $fastener->diameter()->toInches(),
            ],
            $fastener instanceof StructuralScrew => [min($fastener->thread->toInches(), $fastener->length->toInches()), $fastener->tip->toInches()],
            default => throw new \LogicException('A fastener of an unknown kind.'),
        };
    }

    /** @return array{float|null, Length|null, Length|null} Least thread in the member in inches, to its face, between two in line */
    private static function distances(Design $design, Coefficients $coefficients): array
    {
        $fastener = $design->kit->fastener;
        $times = static fn (string $key): float => $coefficients->value(self::table($fastener), $key) * $fastener->diameter()->toInches();

        return match (true) {
            $fastener instanceof LagScrew => [
                $times('least_penetration'),
                Length::ofInches($times($design->surface->framing->kind->runAcross() ? 'edge_across' : 'edge')),
                isset($design->kit->foot->holes()[1]) ? Length::ofInches($times('spacing')) : null,
            ],
            $fastener instanceof WoodScrew => [$times('least_penetration'), $fastener->edge ?? Length::ofInches($times('edge')), $fastener->spacing],
            $fastener instanceof StructuralScrew => [null, $fastener->edge, $fastener->spacing],
            default => throw new \LogicException('A fastener of an unknown kind.'),
        };
    }

    private static function withdrawal(Design $design, Coefficients $coefficients, ?float $g, float $pt_in): ?Force
    {
        $fastener = $design->kit->fastener;
        $d_in = $fastener->diameter()->toInches();

        return match (true) {
            $fastener->pullOut() !== null => $fastener->pullOut(),
            $g !== null && $fastener instanceof LagScrew => Force::ofPounds($coefficients->value(self::LAG, 'withdrawal') * $g ** 1.5 * $d_in ** 0.75 * $pt_in),
            $g !== null && $fastener instanceof WoodScrew => Force::ofPounds($coefficients->value(self::WOOD, 'withdrawal') * $g ** 2 * $d_in * $pt_in),
            $design->site->standard === Standard::En && $fastener instanceof LagScrew => self::axial(
                $design,
                $fastener,
                $coefficients,
                Length::ofInches($pt_in),
            ),
            default => null,
        };
    }

    /**
     * Design strength along a screw at right angles to the grain, before kmod: fax·d·lef·kd/γM, fax = 0.52·d^−0.5·lef^−0.1·ρ^0.8.
     *
     * Source: EN 1995-1-1:2004+A1:2008, §8.7.2, Eqs. 8.38 to 8.40; recalled. Null where the equation does not cover the screw.
     */
    private static function axial(Design $design, LagScrew $lag, Coefficients $coefficients, Length $thread): ?Force
    {
        $diameter = $lag->diameter;
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
        $fastener = $design->kit->fastener;
        $fes = 'fes/'.$foot->base()->material->value;
        if ($g === null || !Coefficients::has(self::LAG, $fes) || $p_in <= 0 || $fastener instanceof StructuralScrew) {
            return [null, null];
        }
        $value = static fn (string $key): float => $coefficients->value(self::table($fastener), $key);
        // A screw under a quarter of an inch has one reduction for all modes.
        $size = $fastener instanceof LagScrew ? $fastener->diameter->value : ($fastener instanceof WoodScrew ? $fastener->gauge->value : '');
        $rd = $fastener instanceof LagScrew ? null : $value('rd_per_in') * $fastener->diameter()->toInches() + $value('rd_more');
        $isAcross = $rd === null && $design->surface->framing->kind->runAcross();
        $angle = $isAcross ? $value('k_across') : 1.0;
        $dowel = DowelInGap::of(
            rootDiameter_in: $value("root/$size"),
            bendingYield_psi: $value("fyb/$size"),
            memberBearing_psi: match (true) {
                $isAcross => $value('bearing_across') * $g ** $value('bearing_across_power') / sqrt($fastener->diameter()->toInches()),
                $rd === null => 11_200 * $g,
                default => $value('bearing') * $g ** $value('bearing_power'),
            },
            memberBearing_in: $p_in,
            plateBearing_psi: $coefficients->value(self::LAG, $fes),
            plateThickness_in: $foot->base()->thickness->toInches(),
            gap_in: $gap_in,
            reductionI: $rd ?? 4.0 * $angle,
            reductionII: $rd ?? 3.6 * $angle,
            reductionIII: $rd ?? 3.2 * $angle,
            reductionIV: $rd ?? $value('rd/iv') * $angle,
        );

        return [Force::ofPounds($dowel->allowable_lb * $factor), $dowel->mode];
    }

    private static function lengthKey(Length $length): string
    {
        return rtrim(rtrim(sprintf('%.3F', $length->toInches()), '0'), '.');
    }
}
