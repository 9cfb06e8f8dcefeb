<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Quantity\Length;

/** A pad that seals only where it lies wholly flat: its width along the eave, and the flat of the sheet under it; null where not measured. */
final readonly class PadOnFlat
{
    public function __construct(public ?Length $pad, public ?Length $flat)
    {
    }
}
