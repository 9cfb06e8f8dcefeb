<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\AsNzs;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\LoadStandard;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Pressure;

/** AS/NZS 1170, with wind by its editions of 2011 and 2021. */
final class AsNzsStandard implements LoadStandard
{
    public function refusals(Design $design, Coefficients $coefficients): array
    {
        return AsNzsLoads::refusals($design, $coefficients);
    }

    public function loads(Design $design, Coefficients $coefficients): SiteLoads
    {
        return AsNzsLoads::of($design, $coefficients);
    }

    public function asksOfSite(Design $design): array
    {
        return [];
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
            Finding::of(Code::AsNzsDirection, '/site/as_nzs'),
        ];
    }

    public function roofLive(Design $design, Area $tributary, Coefficients $coefficients): Pressure
    {
        return Pressure::ofSi(0.0);
    }

    public function readsGroundSnow(Design $design): bool
    {
        return true;
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
