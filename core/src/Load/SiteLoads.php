<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Finding\Finding;

/** Wind and snow of the site on the surface, by whichever standard, at the level that its combinations expect. */
final readonly class SiteLoads
{
    /** @param array<int|string, ZoneWind> $winds By zone */
    public function __construct(
        public ZoneMap $zones,
        public array $winds,
        /** Wind pressing down on a module, the same in all zones. */
        public float $windDown_Pa,
        public SnowLoads $snow,
        public Combinations $combinations,
        public Figures $figures,
        /** Whether modules that show a side to the wind are asked for more. */
        public bool $exposureCounts,
    ) {
    }

    /** @return list<Finding> Why the standard cannot be applied to the case; without one, of() can */
    public static function refusals(Design $design, Coefficients $coefficients): array
    {
        return [...GivenLoads::refusals($design), ...Standards::of($design)->refusals($design, $coefficients)];
    }

    public static function of(Design $design, Coefficients $coefficients): self
    {
        return Standards::of($design)->loads($design, $coefficients);
    }

    /** Suction in a zone, on a module that shows a side to the wind or does not. */
    public function suction(string $zone, bool $exposed): Suction
    {
        $wind = $this->winds[$zone];

        return $exposed ? $wind->exposed : $wind->inside;
    }
}
