<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\AsNzs;

use Garnetine\Core\Design\Site\AsNzsRegion;
use Garnetine\Core\Design\Site\AsNzsSite;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Topography;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Printed;

/** What AS/NZS 1170 asks of a place whatever stands there, a roof or a table on the ground. */
final class AsNzsQuestions
{
    /** @return list<Finding> Why no speed of the wind is known */
    public static function wind(Site $site, AsNzsSite $asNzs): array
    {
        $standard = $site->standard;
        $name = SiteWind::document($standard);
        $findings = [];
        if ($asNzs->region === null) {
            $findings[] = Finding::of(Code::AsNzsRegionMissing, '/site/as_nzs/region', []);
        } elseif (!SiteWind::hasRegion($asNzs->region, $standard)) {
            $findings[] = Finding::of(Code::AsNzsRegionUnknown, '/site/as_nzs/region', ['region' => $asNzs->region->value, 'document' => $name]);
        }
        $tallest_m = SiteWind::tallest_m($asNzs->terrain, $standard);
        if ($tallest_m === null || Printed::over($site->meanRoofHeight->toMetres(), $tallest_m)) {
            $findings[] = Finding::of(Code::FigureMissing, '/site/as_nzs/terrain', [
                'document' => $name, 'figure' => 'Table 4.1 for this terrain category and height',
            ]);
        }
        if ($site->topography === Topography::Factor && $asNzs->topographicMultiplier === null) {
            $findings[] = Finding::of(Code::AsNzsMtMissing, '/site/as_nzs/topographic_multiplier', []);
        }
        $isLee = in_array($asNzs->region, [AsNzsRegion::A6, AsNzsRegion::A7, AsNzsRegion::W], true);
        if ($isLee && Printed::over($site->groundElevation->toMetres(), 500.0)) {
            $findings[] = Finding::of(Code::FigureMissing, '/site/ground_elevation_m', [
                'document' => $name, 'figure' => 'the lee multiplier, for places over 500 m',
            ]);
        }

        return $findings;
    }
}
