<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

/** What the search needs of the bay between two candidates: terms of the three-moment equation, simple reactions and moments. */
final class Bay
{
    /** @var list<float> For each unit load, Σ P·a·(L² − a²)/L, for the equation at the right end */
    public array $leftTerms = [];

    /** @var list<float> For each unit load, Σ P·b·(L² − b²)/L, for the equation at the left end */
    public array $rightTerms = [];

    /** @var list<float> */
    public array $leftReactions = [];

    /** @var list<float> */
    public array $rightReactions = [];

    /** @var list<float> Σ |P|·a·b/L for each unit load */
    public array $simple = [];

    /** @var list<float> Clamps as shares of the length */
    public array $sections = [];

    /** @var list<list<float>> For each unit load, moments at the sections on two supports */
    public array $unitSections = [];

    /** @var list<float> The same for the up case */
    public array $upSections = [];

    /** @var list<float> Splices with an allowable moment, as shares of the length */
    public array $splices = [];

    /** @var list<list<float>> For each unit load, moments at the splices on two supports */
    public array $unitSplices = [];

    /** Moment from feet out of line. */
    public float $misfit_Nm = 0.0;

    /** @param list<float> $pressures_Pa For each gust, at the bay's effective area */
    public function __construct(public readonly float $length_m, public readonly array $pressures_Pa)
    {
    }

    /**
     * @param list<float> $at_m Clamps, from the left end
     * @param list<float> $loads_N
     * @param list<float> $splices_m From the left end
     */
    public function addUnit(array $at_m, array $loads_N, array $splices_m): void
    {
        $length = $this->length_m;
        $leftTerm = $rightTerm = $left = $right = $simple = 0.0;
        foreach ($at_m as $index => $a) {
            $load = $loads_N[$index];
            $b = $length - $a;
            $leftTerm += $load * $a * ($length * $length - $a * $a) / $length;
            $rightTerm += $load * $b * ($length * $length - $b * $b) / $length;
            $left += $load * $b / $length;
            $right += $load * $a / $length;
            $simple += abs($load) * $a * $b / $length;
        }
        $this->leftTerms[] = $leftTerm;
        $this->rightTerms[] = $rightTerm;
        $this->leftReactions[] = $left;
        $this->rightReactions[] = $right;
        $this->simple[] = $simple;
        $this->unitSections[] = self::simple($length, $at_m, $loads_N, $at_m);
        $this->unitSplices[] = self::simple($length, $at_m, $loads_N, $splices_m);
    }

    /**
     * @param list<float> $at_m
     * @param list<float> $loads_N
     * @param list<float> $places_m
     *
     * @return list<float> Moments at the places on two supports
     */
    private static function simple(float $length, array $at_m, array $loads_N, array $places_m): array
    {
        $moments = [];
        foreach ($places_m as $x) {
            $moment = 0.0;
            foreach ($at_m as $index => $a) {
                $moment += $loads_N[$index] * ($x <= $a ? ($length - $a) * $x : $a * ($length - $x)) / $length;
            }
            $moments[] = $moment;
        }

        return $moments;
    }
}
