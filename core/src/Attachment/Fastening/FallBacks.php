<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

use Garnetine\Core\Attachment\Check\Placing;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\CapacityFormat;

/**
 * For each foot, what still holds it where its middle column of screws misses, before anybody drills: at the placing tolerance, with the
 * greatest of every force at once, on the safe side.
 */
final class FallBacks
{
    /**
     * @param list<RunPlan> $plans
     *
     * @return array<string, list<FallBack>> By run, in the order of its feet; none of feet that have no such columns
     */
    public static function of(Design $design, array $plans): array
    {
        $missed = $design->kit->foot->missed($design->kit->capacities === CapacityFormat::Allowable);
        $fallBacks = [];
        if ($missed === null || $design->onDeck()) {
            return [];
        }
        foreach ($plans as $plan) {
            $factor = $plan->check->capacities->placing->factor;
            $fallBacks[$plan->run->id] = [];
            foreach ($plan->holds() ? $plan->wholeVerdict()->attachments ?? [] : [] as $foot) {
                if ($foot->isEdge) {
                    // What a stronger one holds so is not known.
                    $fallBacks[$plan->run->id][] = new FallBack(false, false);
                    continue;
                }
                $pulled = 0.0;
                foreach ($foot->links as $link) {
                    // With the pull every ratio of the screws grows so much at most.
                    $isPulled = in_array($link->link, [Link::LagWithdrawal, Link::LagCombined], true);
                    $pulled = $isPulled ? max($pulled, $link->ratio * $missed->asideTimes) : $pulled;
                }
                $fallBacks[$plan->run->id][] = new FallBack(
                    $factor * ($missed->aside === null ? $pulled : $foot->up_N / $missed->aside->toSi()) <= Placing::MOVED,
                    $missed->deckUp !== null && $missed->deckAlong !== null
                        && $factor * max($foot->up_N / $missed->deckUp->toSi(), $foot->along_N / $missed->deckAlong->toSi()) <= Placing::MOVED,
                );
            }
        }

        return $fallBacks;
    }
}
