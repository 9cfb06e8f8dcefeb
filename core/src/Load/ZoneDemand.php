<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;

/**
 * What one zone asks of a whole module in it, normal to the roof: the suction as the standard gives it, and the largest net
 * pull of its combinations with the module's weight alone.
 */
final readonly class ZoneDemand
{
    private function __construct(
        public string $zone,
        public string $direction,
        public float $suction_Pa,
        public float $suctionExposed_Pa,
        public float $net_Pa,
        public float $netExposed_Pa,
    ) {
    }

    /** @return list<self> The weakest suction first */
    public static function all(Design $design, SiteLoads $loads): array
    {
        $area_m2 = $design->module_m2();
        $dead_Pa = $design->module->mass->toSi() * 9.80665 / $area_m2 * cos($design->modulePitch_rad());
        $net = static fn (float $suction_Pa): float => Combinations::netUp($loads->combinations->strength, $suction_Pa, $dead_Pa);
        $demands = [];
        foreach ($loads->winds as $wind) {
            [$inner_Pa, $exposed_Pa] = [$wind->inside->at_Pa($area_m2), $wind->exposed->at_Pa($area_m2)];
            $demands[] = new self($wind->zone, $wind->direction, $inner_Pa, $exposed_Pa, $net($inner_Pa), $net($exposed_Pa));
        }
        usort($demands, static fn (self $one, self $other): int => [$one->suction_Pa, $one->zone] <=> [$other->suction_Pa, $other->zone]);

        return $demands;
    }

    /**
     * What presses on a whole module, in every combination, the same in all zones; surcharges of snow where they lie.
     *
     * @return non-empty-array<string, float> Pa normal to the roof, by combination, with the snow case after a colon
     */
    public static function down(Design $design, SiteLoads $loads): array
    {
        $theta = $design->surface->pitch->toRadians();
        $area_m2 = $design->module_m2();
        $dead_Pa = ($design->module->mass->toSi() + $design->kit->extra_kg()) * 9.80665 / $area_m2 * cos($design->modulePitch_rad());
        $down = [];
        foreach ($loads->combinations->strength as $one) {
            if ($one->up) {
                continue;
            }
            foreach ($one->snow === 0.0 ? [SnowCase::uniform('', 0.0)] : $loads->snow->cases as $case) {
                $snow_Pa = ($case->uniform_Pa + $case->surcharge_Pa) * cos($theta) * cos($design->modulePitch_rad()) * $design->slant();
                if ($one->snow === 0.0 || $snow_Pa > 0.0) {
                    $down[$one->code.($case->code === '' ? ''
                        : ':'.$case->code)] = $one->dead * $dead_Pa + $one->snow * $snow_Pa + $one->wind * $loads->windDown_Pa;
                }
            }
        }

        return $down === [] ? throw new \LogicException('Every standard has combinations that push.') : $down;
    }
}
