<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;

/** A because as texts for a screen or a page. */
final class BecauseView
{
    /** @return array<string, mixed> */
    public static function of(Plan $plan, Because $because): array
    {
        return self::node(new Texts($plan->design->printer()), $because);
    }

    /** @return array<string, mixed> */
    private static function node(Texts $texts, Because $because): array
    {
        return [
            'title' => $texts->title($because), 'value' => $texts->valueOf($because), 'formula' => $texts->formula($because),
            'source' => $because->source, 'confidence' => $because->confidence, 'confirmed_by' => $because->confirmedBy,
            'input' => $because->input, 'typed' => $because->typed,
            'children' => array_map(static fn (Because $child): array => self::node($texts, $child), $because->children),
        ];
    }
}
