<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Standard;

/** Which standard a table goes by. */
final class TableStandards
{
    public static function of(Site $site): TableStandard
    {
        return match ($site->standard) {
            Standard::Asce716 => new Asce7Table(),
            Standard::En => new EnTable(),
            Standard::AsNzs2011, Standard::AsNzs2021 => new AsNzsTable(),
            Standard::Asce722 => new NoTable(),
        };
    }
}
