<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Message\Texts;

/** How a plan stands, in a word with its tone, the same wherever it is told: what stops it comes before how much it has to spare. */
final class Standing
{
    /** @return array{word: string, tone: string} */
    public static function of(bool $isRefused, int $openStops, ?float $reserve): array
    {
        return match (true) {
            $isRefused => ['word' => 'refused', 'tone' => 'fails'],
            $openStops > 0 => ['word' => self::stops($openStops), 'tone' => 'fails'],
            $reserve === null => ['word' => 'no plan', 'tone' => 'plain'],
            default => ['word' => Texts::word($reserve), 'tone' => Texts::word($reserve)],
        };
    }

    public static function stops(int $count): string
    {
        return $count === 1 ? '1 stop' : "$count stops";
    }
}
