<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

use Garnetine\Core\Design\Ground\Racking\TwoRowSizes;
use Garnetine\Core\Ground\FaceChecks;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableLoads;

/** A rail bears half a column, from the low edge to the high one, on both beams and past them. */
final class RailsOnTwo
{
    /** @return list<TableCheck> */
    public static function checks(TwoRowSizes $sizes, TableShape $shape, FaceChecks $faces, TableLoads $loads): array
    {
        $dead_Pa = $faces->module_Pa() + $sizes->dead->toPascals();
        $wide_m = $shape->width_m / count($shape->rails_m);
        [$below_m, $span_m] = [$shape->frontPipe_m, $shape->rearPipe_m - $shape->frontPipe_m];
        $above_m = $shape->chord_m - $shape->rearPipe_m;
        [$up_Pa, $down_Pa] = $faces->net_Pa($span_m * max($wide_m, $span_m / 3), $dead_Pa);
        $load = max($up_Pa, $down_Pa) * $wide_m;
        $front_N = $load * $shape->chord_m * ($shape->rearPipe_m - $shape->chord_m / 2) / $span_m;
        // Where the shear between the beams is nought.
        $at_m = $load > 0.0 ? $front_N / $load : 0.0;
        $moment_Nm = max(
            $load * $below_m ** 2 / 2,
            $load * $above_m ** 2 / 2,
            $at_m > $below_m && $at_m < $shape->rearPipe_m ? abs($front_N * ($at_m - $below_m) - $load * $at_m ** 2 / 2) : 0.0,
        );
        $rear = ($shape->chord_m / 2 - $below_m) / $span_m;
        $lift_N = max(0.0, $up_Pa) * $wide_m * $shape->chord_m * max($rear, 1 - $rear);
        $slip_N = ($dead_Pa + $loads->snow->ps_Pa * cos($shape->tilt_rad)) * sin($shape->tilt_rad) * $wide_m * $shape->chord_m / 2;
        $at = '/table/racking/holds';
        $over = [$sizes->frontPath, '/table/racking/between_m'];
        $bent = $sizes->holds->railMoment === null ? [] : [
            TableCheck::of('rail', '', $moment_Nm, $sizes->holds->railMoment->toSi(), 'Nm', null, "$at/rail_moment_Nm", [], $loads->elements->source(), [
                ...$over, "$at/rail_moment_Nm",
            ]),
        ];
        $up = $sizes->holds->railUp === null ? [] : [
            TableCheck::of('rail_up', '', $lift_N, $sizes->holds->railUp->toSi(), 'N', null, "$at/rail_up_N", [], $loads->elements->source(), [
                ...$over, "$at/rail_up_N",
            ]),
        ];
        $along = $sizes->holds->railAlong === null ? [] : [
            TableCheck::of('rail_along', '', $slip_N, $sizes->holds->railAlong->toSi(), 'N', null, "$at/rail_along_N", [], null, [
                '/table/tilt_rad', '/table/racking/dead_Pa', "$at/rail_along_N",
            ]),
        ];

        return [...$bent, ...$up, ...$along];
    }
}
