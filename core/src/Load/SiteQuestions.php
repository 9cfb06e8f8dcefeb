<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Site\GroundSnowKind;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Topography;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;

/** What is asked of a place whatever stands there, a roof or a table on the ground, and what is taken for granted of it. */
final class SiteQuestions
{
    /** @return list<Finding> Hills that nobody looked for, or described */
    public static function topography(Site $site): array
    {
        return match (true) {
            $site->topography === Topography::Unknown => [Finding::of(Code::TopographyUnknown, '/site/topography', [])],
            $site->topography === Topography::Hill && $site->hill === null => [Finding::of(Code::HillMissing, '/site/hill', [])],
            default => [],
        };
    }

    /** @return list<Finding> Ground snow of another standard's maps */
    public static function groundSnow(Site $site): array
    {
        $needed = GroundSnowKind::of($site->standard);

        return $needed !== null && $site->groundSnow->toPascals() > 0 && $site->groundSnowKind !== $needed
            ? [
                Finding::of(
                    Code::GroundSnowKind,
                    '/site/ground_snow_kind',
                    ['entered' => 'choice.ground_snow_kind.'.$site->groundSnowKind->value, 'needed' => 'choice.ground_snow_kind.'.$needed->value],
                ),
            ] : [];
    }

    /** @return list<Finding> */
    public static function assumptions(Site $site): array
    {
        return match ($site->topography) {
            Topography::NoHill => [Finding::of(Code::NoHill, '/site/topography')],
            Topography::Hill => [Finding::of(Code::HillCounts, '/site/hill')],
            default => [],
        };
    }
}
