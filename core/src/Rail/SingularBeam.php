<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\CoreException;

/** A beam that is a mechanism, or supports that cannot carry it. */
final class SingularBeam extends \DomainException implements CoreException
{
    public static function tooFewSupports(int $count): self
    {
        return new self("A beam needs at least 2 supports, $count given.");
    }

    public static function supportsNotAscending(float $before_m, float $after_m): self
    {
        return new self("Supports must ascend, $after_m m after $before_m m given.");
    }

    public static function hinge(float $at_m): self
    {
        return new self("A hinge at $at_m m stands outside the spans or shares its span with another.");
    }

    public static function mechanism(float $at_m): self
    {
        return new self("The beam is a mechanism near $at_m m.");
    }

    public function errorCode(): string
    {
        return 'singular_beam';
    }
}
