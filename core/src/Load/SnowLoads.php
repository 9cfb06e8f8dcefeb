<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** Snow on a surface: its cases, the balanced one first. */
final readonly class SnowLoads
{
    /** Half, where the standard in hand gives no value of its own. Source: ASCE/SEI 7-16, §7.5.1; recalled, MEDIUM. */
    private const LIGHT = 0.5;

    /**
     * @param float $balanced_Pa On the horizontal projection
     * @param non-empty-list<SnowCase> $cases
     * @param float $service What of it counts at service level, where the standard gives it at strength level
     * @param float $light What of the balanced snow lies on a span that has less, in partial snow
     */
    public function __construct(public float $balanced_Pa, public array $cases, private float $service = 1.0, public float $light = self::LIGHT)
    {
    }

    /** The heaviest snow that lies evenly, balanced or not, at service level. */
    public function heaviest_Pa(): float
    {
        return $this->service * max(array_map(static fn (SnowCase $case): float => $case->uniform_Pa, $this->cases));
    }

    /** Balanced snow at the level of the dead load, as the comparison of gravity loads on the structure needs it. */
    public function service_Pa(): float
    {
        return $this->balanced_Pa * $this->service;
    }
}
