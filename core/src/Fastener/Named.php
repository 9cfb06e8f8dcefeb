<?php

declare(strict_types=1);

namespace Garnetine\Core\Fastener;

use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** What all kinds of fasteners are entered with. */
trait Named
{
    public function name(): string
    {
        return $this->name;
    }

    public function document(): string
    {
        return $this->document;
    }

    public function length(): Length
    {
        return $this->length;
    }

    public function pullOut(): ?Force
    {
        return $this->pullOut;
    }

    public function isGuided(): bool
    {
        return $this->drillGuide;
    }
}
