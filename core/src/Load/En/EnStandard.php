<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\En;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\EnSnowSet;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\LoadStandard;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Pressure;

/** EN 1991. */
final class EnStandard implements LoadStandard
{
    public function refusals(Design $design, Coefficients $coefficients): array
    {
        return EnLoads::refusals($design, $coefficients);
    }

    public function loads(Design $design, Coefficients $coefficients): SiteLoads
    {
        return EnLoads::of($design, $coefficients);
    }

    public function asksOfSite(Design $design): array
    {
        return EnQuestions::speed($design->site);
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
