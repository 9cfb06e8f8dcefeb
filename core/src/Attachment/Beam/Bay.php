<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

/** The bay between two places of a rail under its unit loads: terms of the three-moment equation, simple reactions and moments. */
final readonly class Bay
{
    /**
     * @param list<float> $leftTerms For each unit load, Σ P·a·(L² − a²)/L, for the equation at the right end
     * @param list<float> $rightTerms For each unit load, Σ P·b·(L² − b²)/L, for the equation at the left end
     * @param list<float> $leftReactions For each unit load, on two supports
     * @param list<float> $rightReactions
     * @param list<float> $simple Σ |P|·a·b/L for each unit load
     * @param list<float> $sections Clamps as shares of the length
     * @param list<list<float>> $unitSections For each unit load, moments at the sections on two supports
     * @param float $most The largest of the first unit's by size
     * @param list<float> $splices Splices with an allowable moment, as shares of the length
     * @param list<list<float>> $unitSplices For each unit load, moments at the splices on two supports
     * @param float|null $hinge Splice without an allowable moment, as a share of the length
     * @param list<float> $unitHinge For each unit load, the moment there on two supports
     */
    private function __construct(
        public float $length_m,
        public array $leftTerms,
        public array $rightTerms,
        public array $leftReactions,
        public array $rightReactions,
        public array $simple,
        public array $sections,
        public array $unitSections,
        public float $most,
        public array $splices,
        public array $unitSplices,
        public ?float $hinge,
        public array $unitHinge,
    ) {
    }

    /**
     * @param list<float> $at_m Clamps, from the left end
     * @param list<list<float>> $units For each unit load, what acts at the clamps
     * @param list<float> $splices_m From the left end
     * @param float|null $hinge_m The same
     */
    public static function under(float $length_m, array $at_m, array $units, array $splices_m, ?float $hinge_m): self
    {
        $leftTerms = $rightTerms = $leftReactions = $rightReactions = $simples = $unitSections = $unitSplices = $unitHinge = [];
        foreach ($units as $loads) {
            $leftTerm = $rightTerm = $left = $right = $simple = 0.0;
            foreach ($at_m as $index => $a) {
                $load = $loads[$index];
                $b = $length_m - $a;
                $leftTerm += $load * $a * ($length_m * $length_m - $a * $a) / $length_m;
                $rightTerm += $load * $b * ($length_m * $length_m - $b * $b) / $length_m;
                $left += $load * $b / $length_m;
                $right += $load * $a / $length_m;
                $simple += abs($load) * $a * $b / $length_m;
            }
            $leftTerms[] = $leftTerm;
            $rightTerms[] = $rightTerm;
            $leftReactions[] = $left;
            $rightReactions[] = $right;
            $simples[] = $simple;
            $unitSections[] = self::simple($length_m, $at_m, $loads, $at_m);
            $unitSplices[] = self::simple($length_m, $at_m, $loads, $splices_m);
            $unitHinge[] = $hinge_m === null ? 0.0 : self::simple($length_m, $at_m, $loads, [$hinge_m])[0];
        }
        $share = static fn (float $x_m): float => $x_m / $length_m;

        return new self(
            $length_m,
            $leftTerms,
            $rightTerms,
            $leftReactions,
            $rightReactions,
            $simples,
            array_map($share, $at_m),
            $unitSections,
            max([0.0, ...array_map(abs(...), $unitSections[0] ?? [])]),
            array_map($share, $splices_m),
            $unitSplices,
            $hinge_m === null ? null : $share($hinge_m),
            $unitHinge,
        );
    }

    /**
     * @param list<float> $at_m
     * @param list<float> $loads
     * @param list<float> $places_m
     *
     * @return ($places_m is non-empty-list ? non-empty-list<float> : list<float>) Moments at the places on two supports
     */
    private static function simple(float $length_m, array $at_m, array $loads, array $places_m): array
    {
        $moments = [];
        foreach ($places_m as $x) {
            $moment = 0.0;
            foreach ($at_m as $index => $a) {
                $moment += $loads[$index] * ($x <= $a ? ($length_m - $a) * $x : $a * ($length_m - $x)) / $length_m;
            }
            $moments[] = $moment;
        }

        return $moments;
    }
}
