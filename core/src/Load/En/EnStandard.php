<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\En;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\EnSnowSet;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\LoadStandard;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Pressure;

/** EN 1991. */
final class EnStandard implements LoadStandard
{
    private const HIGH_MEAN_MPS = 34.0;

    public function refusals(Design $design, Coefficients $coefficients): array
    {
        return EnLoads::refusals($design, $coefficients);
    }

    public function loads(Design $design, Coefficients $coefficients): SiteLoads
    {
        return EnLoads::of($design, $coefficients);
    }

    /** A ten-minute mean as high as this is rare: it may be a gust. */
    public function asksOfSite(Design $design): array
    {
        $velocity = $design->site->en?->basicVelocity;

        return $velocity !== null && Printed::over($velocity->toSi(), self::HIGH_MEAN_MPS)
            ? [
                Finding::of(
                    Code::EnVelocityHigh,
                    '/site/en/basic_velocity_m_per_s',
                    ['speed_m_per_s' => $velocity->toSi(), 'asked_above_m_per_s' => self::HIGH_MEAN_MPS],
                ),
            ] : [];
    }

    /** There is no clause for modules parallel to a roof. */
    public function asksOfArray(Design $design, Coefficients $coefficients): array
    {
        return [];
    }

    public function assumptions(Design $design, SiteLoads $loads): array
    {
        return [
            Finding::of(Code::NoEqualisation, '/site/standard'),
            Finding::of(Code::EnRecommended, '/site/en'),
            Finding::of(Code::EnWinds, '/site/building_length_m'),
        ];
    }

    public function roofLive(Design $design, Area $tributary, Coefficients $coefficients): Pressure
    {
        return Pressure::ofSi(0.0);
    }

    public function readsGroundSnow(Design $design): bool
    {
        return $design->site->en?->snowSet === EnSnowSet::Given;
    }

    public function laysZonesOnAnyOutline(Design $design): bool
    {
        return false;
    }

    public function asksOfSupports(): bool
    {
        return false;
    }
}
