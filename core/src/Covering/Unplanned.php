<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

use Garnetine\Core\Quantity\Length;

/** A covering that may be told of and that nothing is planned on yet. */
trait Unplanned
{
    public function thickness(): Length
    {
        return Length::ofMetres(0.0);
    }

    public function underlayment(): Length
    {
        return Length::ofMetres(0.0);
    }

    public function isPlanned(): bool
    {
        return false;
    }

    public function liesOnPurlins(): bool
    {
        return false;
    }

    public function stand(): string
    {
        return 'member';
    }

    public function step(string $code): string
    {
        return $code;
    }

    public function cautions(string $code): array
    {
        return [];
    }

    public function tools(): array
    {
        return [];
    }

    public function mirrored(Length $width): self
    {
        return $this;
    }
}
