<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\SectionModulus;

/** The post of a standoff, bent along the slope by what pushes on the rail: V·hp ≤ S·Fb. Source: statics. */
final readonly class Post
{
    public function __construct(
        /** From its foot to the rail's axis, hp. */
        #[Range(0.01, 0.6)]
        public Length $height,
        /** Elastic, S. */
        #[Range(1e-8, 1e-4)]
        public SectionModulus $sectionModulus,
        /** Allowable bending stress, Fb. */
        #[Range(1e6, 1e9)]
        public Pressure $allowableStress,
    ) {
    }

    /** The push along the slope that bends it to its allowable stress. */
    public function along_N(): float
    {
        return $this->sectionModulus->toSi() * $this->allowableStress->toSi() / $this->height->toMetres();
    }
}
