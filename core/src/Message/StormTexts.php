<?php

declare(strict_types=1);

namespace Garnetine\Core\Message;

use Garnetine\Core\Design\Ground\Racking\Pole;
use Garnetine\Core\Ground\Loading\TableStandards;
use Garnetine\Core\Plan\TablePlan;

/** What is done before a storm and after it: a card for who looks after a table. Source: common practice, no source; the wind is that of the plan. */
final class StormTexts
{
    /** @return list<string> None where nothing stands */
    public static function of(TablePlan $plan): array
    {
        if ($plan->posts === []) {
            return [];
        }
        $texts = Texts::of($plan->design);
        $racking = $plan->design->table->racking;
        $stow = $racking instanceof Pole ? $racking->stow : null;
        $values = ['wind_m_per_s' => TableStandards::of($plan->design->site)->speed($plan->design)->toSi()];

        return array_map(static fn (string $code): string => $texts->say("storm.$code", $values + [
            'stow_m_per_s' => $stow?->upTo->toSi() ?? 0.0, 'sensor' => $stow->sensor ?? '', 'power' => $stow->withoutPower ?? '',
        ]), match (true) {
            $stow?->isProven() === true => ['stowed', 'by_hand', 'look', 'after_head'],
            $racking instanceof Pole => ['as_it_stands', 'look', 'after_head'],
            default => ['as_it_stands', 'look', 'after'],
        });
    }
}
