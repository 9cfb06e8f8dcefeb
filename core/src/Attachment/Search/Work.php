<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Rail\Run;

/**
 * What the searches of one surface may do, counted in steps and fixed by its own places: the same plan comes of it on every
 * machine, beside whatever other surface. Past it, searches settle for what they have and say so by a bound.
 *
 * A step is one look at a bay, or the check of one foot; with every foot off its mark a check takes steps for the square of them.
 */
final class Work
{
    /** Ten times what the roofs need that were measured; as much again is left to whole planes on dense places. */
    private const BASE = 50_000;
    private const PER_PLACE = 60;

    /** What is tried afterwards, foot by foot, takes a part of it. */
    private const AFTERWARDS = 6;

    /** So often is asked whether anybody still waits: some twenty times a second. */
    private const LOOK = 2_000;

    public readonly int $budget;
    private int $look;

    /** @param (\Closure(): bool)|null $isWanted */
    private function __construct(private int $left, private readonly ?\Closure $isWanted = null)
    {
        $this->budget = $left;
        $this->look = $left - self::LOOK;
    }

    /**
     * @param list<Run> $runs Of one surface
     * @param (\Closure(): bool)|null $isWanted Whether anybody still waits for the plan
     */
    public static function for(array $runs, ?\Closure $isWanted = null): self
    {
        return new self(self::BASE + self::PER_PLACE * array_sum(array_map(static fn (Run $run): int => count($run->candidates_m), $runs)), $isWanted);
    }

    /** @param list<Run> $runs Of one surface, planned */
    public static function afterwards(array $runs): self
    {
        return new self(intdiv(self::for($runs)->left, self::AFTERWARDS));
    }

    /** @throws NotWanted if nobody waits for the plan any more */
    public function take(int $steps): void
    {
        $this->left -= $steps;
        if ($this->left < $this->look) {
            $this->look = $this->left - self::LOOK;
            if ($this->isWanted !== null && !($this->isWanted)()) {
                throw new NotWanted();
            }
        }
    }

    public function isSpent(): bool
    {
        return $this->left <= 0;
    }

    public function left(): int
    {
        return max(0, $this->left);
    }

    /** What was taken so far; a search that is under way may end a little past its budget. */
    public function taken(): int
    {
        return $this->budget - $this->left;
    }
}
