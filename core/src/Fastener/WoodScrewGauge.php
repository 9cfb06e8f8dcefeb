<?php

declare(strict_types=1);

namespace Garnetine\Core\Fastener;

use Garnetine\Core\Quantity\Length;

/** Wood screws by their numbers. Source of the sizes: NDS 2018, Appendix L3; recalled. */
enum WoodScrewGauge: string
{
    case Eight = '8';
    case Ten = '10';
    case Twelve = '12';
    case Fourteen = '14';

    public function size(): Length
    {
        return Length::ofInches(match ($this) {
            self::Eight => 0.164,
            self::Ten => 0.190,
            self::Twelve => 0.216,
            self::Fourteen => 0.242,
        });
    }
}
