<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Block\Arrangement;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Framing\Members;

/** One rail under a stretch. */
final class AlongRows implements Arranging
{
    public static function runs(Design $design, Arrangement $arrangement, Run $whole): array
    {
        return [$whole];
    }

    public static function findings(Design $design, Arrangement $arrangement, Members $members, array $runs): array
    {
        return [];
    }
}
