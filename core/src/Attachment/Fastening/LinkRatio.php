<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Check\Placing;

/** Demand over capacity of one link in one case. */
final readonly class LinkRatio
{
    public function __construct(
        public float $ratio,
        public Link $link,
        public LoadCase $case,
        public float $demand_si,
        public float $capacity_si,
        private Placing $placing,
    ) {
    }

    /** What is left with feet off their marks, see Placing. */
    public function reserve(): float
    {
        return $this->placing->reserve($this->ratio);
    }
}
