<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** Snow on a surface: its cases, the balanced one first. */
final readonly class SnowLoads
{
    /**
     * @param float $balanced_Pa On the horizontal projection
     * @param non-empty-list<SnowCase> $cases
     */
    public function __construct(public float $balanced_Pa, public array $cases)
    {
    }
}
