<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

/**
 * The gravity load on each member with the array against without it: a screen that defers to an engineer.
 *
 * Source: IEBC gravity limit of 5 % on existing elements; ASCE/SEI 7-16 §4.8.2 for Lr; recalled.
 */
final readonly class MemberShares
{
    /** @param list<MemberShare> $shares By member, those with feet */
    public function __construct(public array $shares, public float $limit, public float $atOneShare)
    {
    }

    /** @param list<int> $skipped */
    public function worstBut(array $skipped): ?MemberShare
    {
        $worst = null;
        foreach ($this->shares as $share) {
            if ($share->ratio > $this->limit + 1e-9 && !in_array($share->number, $skipped, true) && ($worst === null || $share->ratio > $worst->ratio)) {
                $worst = $share;
            }
        }

        return $worst;
    }

    /** @return array<int, float> By member */
    public function loads_N(): array
    {
        return array_column($this->shares, 'load_N', 'number');
    }

    /** Sum of what goes beyond the limit. */
    public function excess(): float
    {
        return array_sum(array_map(fn (MemberShare $share): float => max(0.0, $share->ratio - $this->limit), $this->shares));
    }
}
