<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Load\Combination;
use Garnetine\Core\Load\ZoneDemand;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\UnitSystem;

/** What wind and snow ask of a module, by zone and combination, and the numbers that a hand may try. */
final class DemandView
{
    /** @return array<string, mixed>|null */
    public static function of(Plan $plan, Texts $texts): ?array
    {
        if ($plan->loads === null) {
            return null;
        }
        $loads = $plan->loads;
        $psf = static fn (float $value_Pa): string => $plan->design->printer()->print(Dimension::Pressure, $value_Pa);
        $down = ZoneDemand::down($plan->design, $loads);
        $most = array_search(max($down), $down, true);
        $rows = [];
        foreach ($down as $code => $value_Pa) {
            [$combination, $snow] = [...explode(':', $code), ''];
            $rows[] = ['combination' => $combination, 'snow' => $snow === '' ? '' : $texts->say('because.snow_'.$snow), 'value' => $psf($value_Pa), 'governs' => $code === $most];
        }

        $pulls = array_values(array_filter($loads->combinations->strength, static fn (Combination $one): bool => $one->up && $one->snow === 0.0));

        return [
            'pull' => $pulls === [] ? '' : $pulls[0]->code, 'exposure_counts' => $loads->exposureCounts,
            'zones' => array_map(static fn (ZoneDemand $demand): array => [
                'zone' => $demand->zone, 'direction' => $demand->direction === 'any' ? '' : $texts->say('word.'.$demand->direction), 'suction' => $psf($demand->suction_Pa), 'exposed' => $psf($demand->suctionExposed_Pa),
                'net' => $psf($demand->net_Pa), 'net_exposed' => $psf($demand->netExposed_Pa),
            ], ZoneDemand::all($plan->design, $loads)),
            'down' => $rows,
            'tries' => self::tries($plan),
        ];
    }

    /** @return list<array{path: string, value: float, from: float, to: float, step: float, unit: string}> */
    private static function tries(Plan $plan): array
    {
        $site = $plan->design->site;

        return $plan->design->units === UnitSystem::Us
            ? [
                ['path' => '/site/wind_speed_m_per_s', 'value' => round($site->windSpeed->toMilesPerHour(), 1), 'from' => 85, 'to' => 200, 'step' => 1, 'unit' => 'mph'],
                ['path' => '/site/mean_roof_height_m', 'value' => round($site->meanRoofHeight->toFeet(), 2), 'from' => 8, 'to' => 60, 'step' => 1, 'unit' => 'ft'],
                ['path' => '/site/ground_snow_Pa', 'value' => round($site->groundSnow->toPsf(), 1), 'from' => 0, 'to' => 100, 'step' => 1, 'unit' => 'psf'],
                ['path' => '/block/y_m', 'value' => round($plan->design->block->y->toInches(), 3), 'from' => 0, 'to' => 120, 'step' => 1, 'unit' => 'in'],
            ]
            : [
                ['path' => '/site/wind_speed_m_per_s', 'value' => round($site->windSpeed->toSi(), 1), 'from' => 38, 'to' => 90, 'step' => 0.5, 'unit' => 'm/s'],
                ['path' => '/site/mean_roof_height_m', 'value' => round($site->meanRoofHeight->toMetres(), 2), 'from' => 2.5, 'to' => 18, 'step' => 0.25, 'unit' => 'm'],
                ['path' => '/site/ground_snow_Pa', 'value' => round($site->groundSnow->toPascals()), 'from' => 0, 'to' => 5000, 'step' => 50, 'unit' => 'Pa'],
                ['path' => '/block/y_m', 'value' => round($plan->design->block->y->toMetres() * 1000), 'from' => 0, 'to' => 3000, 'step' => 10, 'unit' => 'mm'],
            ];
    }
}
