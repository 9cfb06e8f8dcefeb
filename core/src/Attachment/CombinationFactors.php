<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Load\Coefficients;

/** Load duration factors for the combinations. */
final readonly class CombinationFactors
{
    private function __construct(public float $cdDead, public float $cdSnow, public float $cdWind)
    {
    }

    public static function of(Coefficients $coefficients): self
    {
        return new self(
            $coefficients->value('nds_2018/lag', 'cd/dead'),
            $coefficients->value('nds_2018/lag', 'cd/snow'),
            $coefficients->value('nds_2018/lag', 'cd/wind'),
        );
    }
}
