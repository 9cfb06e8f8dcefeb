<?php

declare(strict_types=1);

namespace Garnetine\Core\Message;

use Garnetine\Core\Plan\TableFindings;
use Garnetine\Core\Plan\TablePlan;

/** How north is found where a table is set out, in sentences. */
final class NorthTexts
{
    /** @return list<string> */
    public static function of(TablePlan $plan): array
    {
        $north = $plan->setOut?->north;
        if ($north === null) {
            return [];
        }
        $texts = Texts::of($plan->design);
        $on = ['on' => $plan->design->table->position->on ?? ''];
        $says = [match (true) {
            $north->declination === null => $texts->say('north.none'),
            $plan->design->table->declination === null => $texts->say('north.model', $on + TableFindings::east($north->declination)),
            default => $texts->say('north.entered', TableFindings::east($north->declination)),
        }];
        if ($north->noon_s !== null) {
            $says[] = $texts->say('north.noon', $on + [
                'clock' => gmdate('H:i', $north->noon_s + 30), 'shadow' => $north->shadowIsNorth ? 'side.north' : 'side.south',
                'minute_rad' => $north->inMinute?->toRadians() ?? 0.0, 'height_rad' => $north->noonHeight?->toRadians() ?? 0.0,
            ]);
        }

        return $says;
    }
}
