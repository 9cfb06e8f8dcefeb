<?php

declare(strict_types=1);

namespace Garnetine\Core\Fastener;

use Garnetine\Core\Quantity\Length;

/** Lag screw diameters that the data holds, in inches. */
enum LagDiameter: string
{
    case Quarter = '1/4';
    case FiveSixteenths = '5/16';
    case ThreeEighths = '3/8';

    public function size(): Length
    {
        return Length::ofInches(match ($this) {
            self::Quarter => 0.25,
            self::FiveSixteenths => 0.3125,
            self::ThreeEighths => 0.375,
        });
    }
}
