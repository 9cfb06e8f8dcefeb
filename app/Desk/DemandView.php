<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Site\AsNzsTerrain;
use Garnetine\Core\Design\Site\EnSnowSet;
use Garnetine\Core\Design\Site\EnTerrain;
use Garnetine\Core\Design\Site\Exposure;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Load\ZoneDemand;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * What wind and snow ask of a module, by zone and combination, and the numbers that a hand may try.
 *
 * @phpstan-type Demand array{
 *     pull: string,
 *     exposure_counts: bool,
 *     zones: list<array{zone: string, direction: string, suction: string, exposed: string, net: string, net_exposed: string}>,
 *     down: list<array{combination: string, snow: string, value: string, governs: bool}>,
 *     // Where there are choices, the numbers are places among them.
 *     tries: list<array{path: string, value: float, from: float, to: float, step: float, unit: string, choices?: list<string>}>,
 * }
 */
final class DemandView
{
    /**
     * @param int $number Of the block in view, from 1: each may have modules of its own
     *
     * @return Demand|null
     */
    public static function of(Plan $plan, Texts $texts, int $number = 1): ?array
    {
        if ($plan->loads === null) {
            return null;
        }
        $loads = $plan->loads;
        $design = $plan->blocks[$number - 1]->part->design;
        $psf = static fn (float $value_Pa): string => $plan->design->printer()->print(Dimension::Pressure, $value_Pa);
        $down = ZoneDemand::down($design, $loads);
        $most = array_search(max($down), $down, true);
        $rows = [];
        foreach ($down as $code => $value_Pa) {
            [$combination, $snow] = [...explode(':', $code), ''];
            $rows[] = [
                'combination' => $combination,
                'snow' => $snow === '' ? '' : $texts->say('because.snow_'.$snow),
                'value' => $psf($value_Pa),
                'governs' => $code === $most,
            ];
        }

        $pulls = array_values(array_filter($loads->combinations->strength, static fn (Combination $one): bool => $one->up && $one->snow === 0.0));

        return [
            'pull' => $pulls === [] ? '' : $pulls[0]->code, 'exposure_counts' => $loads->exposureCounts,
            'zones' => array_map(static fn (ZoneDemand $demand): array => [
                'zone' => $demand->zone, 'direction' => $demand->direction === 'any' ? '' : $texts->say('word.'.$demand->direction),
                'suction' => $psf($demand->suction_Pa), 'exposed' => $psf($demand->suctionExposed_Pa),
                'net' => $psf($demand->net_Pa), 'net_exposed' => $psf($demand->netExposed_Pa),
            ], ZoneDemand::all($design, $loads)),
            'down' => $rows,
            'tries' => self::tries($plan),
        ];
    }

    /** @return Demand['tries'] Where there are choices, numbers are places among them */
    private static function tries(Plan $plan): array
    {
        $us = $plan->design->units === UnitSystem::Us;
        $site = $plan->design->site;
        $speed = match (true) {
            $plan->design->given !== null, $site->standard->isAsNzs() => null,
            $site->standard === Standard::En => ['/site/en/basic_velocity_m_per_s', $site->en?->basicVelocity, [45, 80], [20, 36]],
            default => ['/site/wind_speed_m_per_s', $site->windSpeed, [85, 200], [38, 90]],
        };
        $snows = $site->standard->isAsce7() || ($site->standard === Standard::En && $site->en?->snowSet === EnSnowSet::Given);
        $tries = [];
        if ($speed !== null && $speed[1] !== null) {
            [$path, $value, [$usFrom, $usTo], [$from, $to]] = $speed;
            $tries[] = $us ? self::one(
                $path,
                round($value->toMilesPerHour(), 1),
                $usFrom,
                $usTo,
                1,
                'mph',
            ) : self::one($path, round($value->toSi(), 1), $from, $to, 0.5, 'm/s');
        }
        array_push($tries, ...self::terrains($plan));
        $tries[] = $us ? self::one(
            '/site/mean_roof_height_m',
            round($site->meanRoofHeight->toFeet(), 2),
            8,
            60,
            1,
            'ft',
        ) : self::one('/site/mean_roof_height_m', round($site->meanRoofHeight->toMetres(), 2), 2.5, 18, 0.25, 'm');
        if ($snows) {
            $tries[] = $us ? self::one(
                '/site/ground_snow_Pa',
                round($site->groundSnow->toPsf(), 1),
                0,
                100,
                1,
                'psf',
            ) : self::one('/site/ground_snow_Pa', round($site->groundSnow->toPascals()), 0, 5000, 50, 'Pa');
        }
        $y = $plan->design->block->y;
        $tries[] = $us ? self::one('/block/y_m', round($y->toInches(), 3), 0, 120, 1, 'in') : self::one(
            '/block/y_m',
            round($y->toMetres() * 1000),
            0,
            3000,
            10,
            'mm',
        );

        return $tries;
    }

    /** @return Demand['tries'] */
    private static function terrains(Plan $plan): array
    {
        $site = $plan->design->site;
        // Kinds of terrain from the most sheltered to the most open.
        [$path, $kinds, $now] = match (true) {
            $plan->design->given !== null => [null, [], null],
            $site->standard === Standard::En => ['/site/en/terrain', array_reverse(EnTerrain::cases()), $site->en?->terrain],
            $site->standard->isAsNzs() => ['/site/as_nzs/terrain', array_reverse(AsNzsTerrain::cases()), $site->asNzs?->terrain],
            default => ['/site/exposure', Exposure::cases(), $site->exposure],
        };

        return $path === null ? [] : [['choices' => array_map(static fn (\BackedEnum $kind): string => (string) $kind->value, $kinds)]
            + self::one($path, (float) array_search($now, $kinds, true), 0, count($kinds) - 1, 1, '')];
    }

    /** @return array{path: string, value: float, from: float, to: float, step: float, unit: string} */
    private static function one(string $path, float $value, float $from, float $to, float $step, string $unit): array
    {
        return ['path' => $path, 'value' => $value, 'from' => $from, 'to' => $to, 'step' => $step, 'unit' => $unit];
    }
}
