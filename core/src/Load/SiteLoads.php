<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Asce7\GableRoof;
use Garnetine\Core\Load\Asce7\PanelPressure;
use Garnetine\Core\Load\Asce7\RoofSnow;
use Garnetine\Core\Load\Asce7\VelocityPressure;
use Garnetine\Core\Load\Asce7\Zone;
use Garnetine\Core\Load\Asce7\ZoneGrid;

/** Wind and snow of the site on the surface, at strength level for wind and nominal for snow (ASCE 7-16). */
final readonly class SiteLoads
{
    /** @param array<int|string, Coefficient> $gcpUp By zone, upward as a positive size */
    private function __construct(
        public VelocityPressure $velocity,
        public ZoneGrid $zones,
        public PanelPressure $panel,
        public array $gcpUp,
        public Coefficient $gcpDown,
        public RoofSnow $snow,
        public float $gammaEExposed,
    ) {
    }

    public static function of(Design $design, Coefficients $coefficients): self
    {
        $velocity = VelocityPressure::at($design->site, $coefficients);
        $gcpUp = [];
        foreach (Zone::cases() as $zone) {
            $gcpUp[$zone->value] = GableRoof::up($design->surface->pitch, $zone, $coefficients);
        }

        return new self(
            $velocity,
            ZoneGrid::on($design->surface, $design->site, $coefficients),
            new PanelPressure($velocity->qh, $coefficients),
            $gcpUp,
            GableRoof::down($design->surface->pitch, $coefficients),
            RoofSnow::on($design->surface, $design->site, $coefficients),
            $coefficients->value('asce7_16/panels', 'gamma_e/exposed'),
        );
    }

    public function windDown_Pa(): float
    {
        return $this->panel->down_Pa($this->gcpDown->value);
    }
}
