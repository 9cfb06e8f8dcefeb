<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Asce7\Zone;

/**
 * What one zone asks of a whole module in it, normal to the roof: the suction at strength level, and the net pull in the
 * combination of allowable-stress design with the module's weight alone.
 *
 * Source: ASCE/SEI 7-16, §29.4.4, §2.4.1; recalled.
 */
final readonly class ZoneDemand
{
    private function __construct(
        public Zone $zone,
        public float $suction_Pa,
        public float $suctionExposed_Pa,
        public float $net_Pa,
        public float $netExposed_Pa,
    ) {
    }

    /** @return list<self> The weakest suction first */
    public static function all(Design $design, SiteLoads $loads): array
    {
        $area_m2 = $design->module->width->toMetres() * $design->module->length->toMetres();
        $dead_Pa = $design->module->mass->toSi() * 9.80665 / $area_m2 * cos($design->surface->pitch->toRadians());
        $demands = [];
        foreach (Zone::cases() as $zone) {
            $gcp = $loads->gcpUp[$zone->value]->value ?? null;
            if ($gcp === null) {
                continue;
            }
            $inner_Pa = $loads->panel->up_Pa($gcp, $area_m2);
            $exposed_Pa = $loads->panel->up_Pa($gcp * $loads->gammaEExposed, $area_m2);
            $demands[] = new self($zone, $inner_Pa, $exposed_Pa, max(0.0, 0.6 * $inner_Pa - 0.6 * $dead_Pa), max(0.0, 0.6 * $exposed_Pa - 0.6 * $dead_Pa));
        }
        usort($demands, static fn (self $one, self $other): int => $one->suction_Pa <=> $other->suction_Pa);

        return $demands;
    }

    /**
     * What presses on a whole module, in every combination, the same in all zones; the surcharge of unbalanced snow where it lies.
     *
     * @return non-empty-array<string, float> Pa normal to the roof, by combination, with the snow case after a colon
     */
    public static function down(Design $design, SiteLoads $loads): array
    {
        $theta = $design->surface->pitch->toRadians();
        $area_m2 = $design->module->width->toMetres() * $design->module->length->toMetres();
        $dead_Pa = ($design->module->mass->toSi() + $design->kit->extraMassPerModule->toSi()) * 9.80665 / $area_m2 * cos($theta);
        $wind_Pa = $loads->windDown_Pa();
        $down = ['D' => $dead_Pa, 'D+0.6W' => $dead_Pa + 0.6 * $wind_Pa];
        foreach ($loads->snow->cases as $case) {
            $snow_Pa = ($case->uniform_Pa + $case->surcharge_Pa) * cos($theta) ** 2;
            if ($snow_Pa > 0.0) {
                $down['D+S:'.$case->code] = $dead_Pa + $snow_Pa;
                $down['D+0.75S+0.45W:'.$case->code] = $dead_Pa + 0.75 * $snow_Pa + 0.45 * $wind_Pa;
            }
        }

        return $down;
    }
}
