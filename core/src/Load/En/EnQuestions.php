<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\En;

use Garnetine\Core\Design\Site\EnSite;
use Garnetine\Core\Design\Site\EnSnowSet;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Topography;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Printed;

/** What EN 1991 asks of a place whatever stands there, a roof or a table on the ground. */
final class EnQuestions
{
    /** Zone numbers that the annexes in hand are known to have. */
    private const ZONES = [1.0, 5.0];
    private const HIGH_MEAN_MPS = 34.0;

    /** @return list<Finding> Why no pressure of the wind is known */
    public static function wind(Site $site, EnSite $en): array
    {
        return [
            ...$en->basicVelocity === null ? [Finding::of(Code::EnVelocityMissing, '/site/en/basic_velocity_m_per_s', [])] : [],
            ...$site->topography === Topography::Hill ? [Finding::of(Code::EnOrography, '/site/topography', [])] : [],
            ...$site->topography === Topography::Factor && $en->orography === null ? [Finding::of(Code::EnOrographyMissing, '/site/en/orography', [])] : [],
        ];
    }

    /** @return list<Finding> Why no snow on the ground is known */
    public static function snow(Site $site, EnSite $en): array
    {
        $findings = [];
        if (GroundSnow::hasZones($en->snowSet) && $en->snowZone === null) {
            $findings[] = Finding::of(Code::EnZoneMissing, '/site/en/snow_zone', []);
        } elseif (GroundSnow::hasZones($en->snowSet) && ($en->snowZone < self::ZONES[0] || $en->snowZone > self::ZONES[1])) {
            $findings[] = Finding::of(Code::EnZoneRange, '/site/en/snow_zone', [
                'zone' => $en->snowZone ?? 0.0, 'from' => self::ZONES[0], 'to' => self::ZONES[1],
            ]);
        }
        if ($en->snowSet !== EnSnowSet::Given && Printed::over($site->groundElevation->toMetres(), GroundSnow::HIGHEST_M)) {
            $findings[] = Finding::of(Code::EnAltitude, '/site/ground_elevation_m', [
                'height_m' => $site->groundElevation->toMetres(), 'most_m' => GroundSnow::HIGHEST_M,
            ]);
        }

        return $findings;
    }

    /** @return list<Finding> A ten-minute mean as high as this is rare: it may be a gust */
    public static function speed(Site $site): array
    {
        $velocity = $site->en?->basicVelocity;

        return $velocity !== null && Printed::over($velocity->toSi(), self::HIGH_MEAN_MPS)
            ? [
                Finding::of(
                    Code::EnVelocityHigh,
                    '/site/en/basic_velocity_m_per_s',
                    ['speed_m_per_s' => $velocity->toSi(), 'asked_above_m_per_s' => self::HIGH_MEAN_MPS],
                ),
            ] : [];
    }
}
