<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Beam\LoadedBay;
use Garnetine\Core\Rail\OwnHand;

/**
 * For each count of feet the layout whose bays strain the rail and load the feet most evenly: a good guess where places are so many that a
 * search may end before it comes upon one. By going from place to place; that it holds is for the full check to say.
 *
 * Every bay costs its ratios to a high power, so that the greatest one decides; an overhang too.
 *
 * @internal
 */
final class LikelyLayouts
{
    private const POWER = 6;

    /** What the moment of a simple beam becomes over supports. */
    private const OVER_SUPPORTS = 0.8;

    /** @var array<int, array<int, float>> By foot and next foot */
    private array $costs = [];

    /** @var array<int, float> By foot: of what lies beyond it where it is the last */
    private array $rights = [];

    /** @var list<array<int, array<int, array{float, int, int}>>> By count from 1, last foot and feet on its piece, at most two: cost, foot before and feet on that one's piece then */
    private array $best = [];

    /** @param array<int, bool> $allowed */
    public function __construct(private readonly SearchSpace $space, private readonly OwnHand $hand, array $allowed)
    {
        $first = [];
        foreach (array_keys(array_filter($allowed)) as $place) {
            if (($space->leftEnds[$place] ?? null) !== null && $space->pieces[$place] === 0) {
                $first[$place] = [1 => [$this->beyond($place, true), -1, 0]];
            }
            if (($space->rightEnds[$place] ?? null) !== null) {
                $this->rights[$place] = $this->beyond($place, false);
            }
            foreach ($space->next[$place] ?? [] as $next) {
                if ($allowed[$next] ?? false) {
                    $this->costs[$place][$next] = $this->bay($space->between($place, $next));
                }
            }
        }
        $this->best[] = $first;
    }

    private function bay(LoadedBay $loaded): float
    {
        $bay = $loaded->bay;
        $sums = [];
        foreach ($bay->leftReactions as $unit => $reaction) {
            $sums[] = $reaction + $bay->rightReactions[$unit];
        }
        $bent = self::OVER_SUPPORTS * max($bay->most * $this->space->downPerMoment, $loaded->mostUp_Nm / $this->space->capUp_Nm);
        $loaded = max(0.0, $this->space->upward($sums, $loaded->winds_N) / $this->space->pull_N, $sums[0] * $this->space->downPerReaction);

        return $bent ** self::POWER + $loaded ** self::POWER;
    }

    private function beyond(int $place, bool $isLeft): float
    {
        [$bent, $loaded] = $this->space->endRatios($place, $isLeft);

        return $bent ** self::POWER + $loaded ** self::POWER;
    }

    /** @return list<int>|null Places in the order of the space; null where no chain of bays has so many feet */
    public function of(int $count): ?array
    {
        while (count($this->best) < $count - 1) {
            $this->extend();
        }
        $least = INF;
        $end = null;
        foreach ($this->best[$count - 2] ?? [] as $place => $ways) {
            foreach ($this->costs[$place] ?? [] as $next => $cost) {
                if (!isset($this->rights[$next]) || ($this->isLong($place, $next) && !$this->hand->longMay($count === 2, true))) {
                    continue;
                }
                foreach ($ways as $feet => [$before]) {
                    if ($this->onPiece($place, $next, $feet) === 2 && $before + $cost + $this->rights[$next] < $least) {
                        $least = $before + $cost + $this->rights[$next];
                        $end = [$next, $place, $feet];
                    }
                }
            }
        }
        if ($end === null) {
            return null;
        }
        [$last, $place, $feet] = $end;
        $layout = [$last];
        for ($at = $count - 2; $at >= 0; --$at) {
            array_unshift($layout, $place);
            [, $place, $feet] = $this->best[$at][$place][$feet];
        }

        return $layout;
    }

    /** One foot more. */
    private function extend(): void
    {
        $isFirst = count($this->best) === 1;
        $further = [];
        foreach ($this->best[count($this->best) - 1] as $place => $ways) {
            foreach ($this->costs[$place] ?? [] as $next => $cost) {
                if ($this->isLong($place, $next) && !$this->hand->longMay($isFirst, false)) {
                    continue;
                }
                foreach ($ways as $feet => [$before]) {
                    $then = $this->onPiece($place, $next, $feet);
                    if ($then > 0 && $before + $cost < ($further[$next][$then][0] ?? INF)) {
                        $further[$next][$then] = [$before + $cost, $place, $feet];
                    }
                }
            }
        }
        $this->best[] = $further;
    }

    private function isLong(int $place, int $next): bool
    {
        return $this->hand->isLong($this->space->x_m($next) - $this->space->x_m($place));
    }

    /** Feet on the piece of rail of a next foot, two at most; none where a piece would have been left with fewer than two. */
    private function onPiece(int $place, int $next, int $feet): int
    {
        return match ($this->space->pieces[$next] - $this->space->pieces[$place]) {
            0 => 2,
            1 => $feet === 2 ? 1 : 0,
            default => 0,
        };
    }
}
