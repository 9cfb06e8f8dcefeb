<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** What given pressures mean: at the level of strength design, or of service loads. */
enum PressureLevel: string
{
    case Strength = 'strength';
    case Service = 'service';
}
