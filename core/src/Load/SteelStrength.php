<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Quantity\Pressure;

/** The tensile strength Fu of purlins of cold-formed steel: as entered, else the least usual. Source: AISI S100-16, usual grades; recalled. */
final class SteelStrength
{
    private const PA_PER_KSI = 6_894_757.293168361;

    public static function of(Design $design, Coefficients $coefficients): Pressure
    {
        return $design->surface->framing->steelStrength ?? Pressure::ofSi(self::PA_PER_KSI * $coefficients->value('aisi_s100/screws', 'fu_unknown'));
    }
}
