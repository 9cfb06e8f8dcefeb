<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

/**
 * Lateral capacity of one dowel in single shear with a gap between side plate and main member, load along the grain, CD = 1.
 *
 * P = [−B + √(B² − 4AC)]/(2A) for each yield mode, Z = P/Rd, the least governs. With no gap these are the yield-limit equations.
 *
 * Source: AWC TR-12 (general dowel equations); Rd of NDS 2018 Table 12.3.1B is given; recalled.
 */
final readonly class DowelInGap
{
    private function __construct(public float $allowable_lb, public string $mode)
    {
    }

    public static function of(
        float $rootDiameter_in,
        float $bendingYield_psi,
        float $memberBearing_psi,
        float $memberBearing_in,
        float $plateBearing_psi,
        float $plateThickness_in,
        float $gap_in,
        float $reductionI,
        float $reductionII,
        float $reductionIII,
        float $reductionIV,
    ): self {
        $qm = $memberBearing_psi * $rootDiameter_in;
        $qs = $plateBearing_psi * $rootDiameter_in;
        $lm = $memberBearing_in;
        $ls = $plateThickness_in;
        $m = $bendingYield_psi * $rootDiameter_in ** 3 / 6;
        $g = $gap_in;
        $modes = [
            'Im' => $qm * $lm / $reductionI,
            'Is' => $qs * $ls / $reductionI,
            'II' => self::root(1 / (4 * $qs) + 1 / (4 * $qm), $ls / 2 + $g + $lm / 2, -$qs * $ls ** 2 / 4 - $qm * $lm ** 2 / 4) / $reductionII,
            'IIIm' => self::root(1 / (2 * $qs) + 1 / (4 * $qm), $g + $lm / 2, -$m - $qm * $lm ** 2 / 4) / $reductionIII,
            'IIIs' => self::root(1 / (4 * $qs) + 1 / (2 * $qm), $ls / 2 + $g, -$qs * $ls ** 2 / 4 - $m) / $reductionIII,
            'IV' => self::root(1 / (2 * $qs) + 1 / (2 * $qm), $g, -$m - $m) / $reductionIV,
        ];
        $mode = array_search(min($modes), $modes, true);

        return new self(min($modes), (string) $mode);
    }

    private static function root(float $a, float $b, float $c): float
    {
        return (-$b + sqrt($b * $b - 4 * $a * $c)) / (2 * $a);
    }
}
