<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Quantity\Pressure;

/**
 * The tensile strength Fu of what screws hold in, purlins of cold-formed steel or the sheet over them: as entered, else the least usual. Source: AISI
 * S100-16, usual grades; recalled.
 */
final class SteelStrength
{
    private const PA_PER_KSI = 6_894_757.293168361;

    public static function of(Design $design, Coefficients $coefficients): Pressure
    {
        return self::entered($design) ?? Pressure::ofSi(self::PA_PER_KSI * $coefficients->value('aisi_s100/screws', 'fu_unknown'));
    }

    public static function entered(Design $design): ?Pressure
    {
        $sheet = $design->surface->covering;

        return $design->kit->foot->intoSheet() ? ($sheet instanceof ScrewedMetal ? $sheet->sheetStrength : null) : $design->surface->framing->steelStrength;
    }
}
