<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

/** A member that may take fasteners, by its number from the left rake. */
final readonly class Member
{
    public function __construct(public int $number, public float $x_m)
    {
    }
}
