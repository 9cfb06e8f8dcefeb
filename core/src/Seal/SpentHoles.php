<?php

declare(strict_types=1);

namespace Garnetine\Core\Seal;

use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Foot\RoofScrew;

/** Feet in the place of screws that held the roof down. */
final class SpentHoles
{
    /** From the old hole to the new one, in diameters of the new screw, in wood and in steel. Source: common practice, no source. */
    private const APART_IN_WOOD = 4;
    private const APART_IN_STEEL = 3;

    /** @return list<Finding> */
    public static function findings(Design $design, ?FastenerInMember $held): array
    {
        $spent = $design->kit->foot->spent();
        if ($spent === null || $spent->screw === RoofScrew::Clear || $held === null) {
            return [];
        }
        if ($spent->screw === RoofScrew::Same) {
            // What a table or its thickness gives is for whole wood and a whole sheet.
            $open = match (true) {
                $design->kit->fastener->pullOut() === null || trim($spent->test) === '' => 'spent_test',
                // Pushed aside it bears on what is spent too.
                $design->kit->foot->base()->lateral === null => 'base/lateral_N',
                default => null,
            };

            return $open === null ? [] : [Finding::of(Code::SpentHole, "/kit/foot/$open", ['screw' => $design->kit->fastener->name()])];
        }
        $least_m = ($held->isSteel ? self::APART_IN_STEEL : self::APART_IN_WOOD) * $design->kit->fastener->diameter()->toMetres();
        $by_m = $spent->besideBy?->toMetres() ?? 0.0;

        return [
            ...$by_m < $least_m - 1e-9 ? [Finding::of(Code::SpentTooNear, '/kit/foot/beside_by_m', ['by_m' => $by_m, 'least_m' => $least_m])] : [],
            ...$spent->isSealedApart() ? [Finding::of(Code::SpentApart, '/kit/foot/pad_width_m', ['by_m' => $by_m])] : [],
        ];
    }
}
