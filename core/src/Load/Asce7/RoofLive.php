<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Pressure;

/**
 * Reduced roof live load, Lr = 20·R1·R2 psf and at least 12 psf, on the horizontal projection.
 *
 * Source: ASCE/SEI 7-16, §4.8.2; recalled, MEDIUM.
 */
final class RoofLive
{
    public static function reduced(Area $tributary, Angle $pitch, Coefficients $coefficients): Pressure
    {
        $at_ft2 = $tributary->toSquareFeet();
        $rise = 12 * tan($pitch->toRadians());
        $r1 = max(0.6, min(1.0, 1.2 - 0.001 * $at_ft2));
        $r2 = max(0.6, min(1.0, 1.2 - 0.05 * $rise));

        return Pressure::ofPsf(max($coefficients->value('asce7_16/roof_live', 'floor_psf'), $coefficients->value('asce7_16/roof_live', 'lr_psf') * $r1 * $r2));
    }
}
