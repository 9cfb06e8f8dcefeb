<?php

declare(strict_types=1);

namespace App\Hazards;

use Garnetine\Core\Design\Site\RiskCategory;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\Speed;

/** Basic wind speeds by risk category, ground snow and elevation of one place. */
final readonly class PlaceHazards
{
    /** @param array<string, Speed> $windSpeeds By risk category */
    public function __construct(public string $place, public array $windSpeeds, public Pressure $groundSnow, public Length $elevation)
    {
    }

    public function windSpeed(RiskCategory $category): Speed
    {
        return $this->windSpeeds[$category->value];
    }
}
