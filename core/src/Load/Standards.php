<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Load\Asce7\Asce7Standard;
use Garnetine\Core\Load\AsNzs\AsNzsStandard;
use Garnetine\Core\Load\En\EnStandard;

/** Which standard a job goes by. */
final class Standards
{
    public static function of(Design $design): LoadStandard
    {
        return match ($design->site->standard) {
            Standard::Asce716, Standard::Asce722 => new Asce7Standard(),
            Standard::En => new EnStandard(),
            Standard::AsNzs2011, Standard::AsNzs2021 => new AsNzsStandard(),
        };
    }
}
