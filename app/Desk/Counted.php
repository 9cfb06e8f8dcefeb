<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Ground\Racking\LaidOnGround;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;

/** Feet, posts or trays of a plan, in words. */
final class Counted
{
    public static function of(Plan|TablePlan $plan): string
    {
        $count = $plan->summary()['attachments'];
        [$one, $several] = match (true) {
            $plan instanceof Plan => ['foot', 'feet'],
            $plan->design->table->racking instanceof LaidOnGround => ['tray', 'trays'],
            default => ['post', 'posts'],
        };

        return $count.' '.($count === 1 ? $one : $several);
    }
}
