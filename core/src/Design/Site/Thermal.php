<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

enum Thermal: string
{
    case Warm = 'warm';
    case ColdVentilated = 'cold_ventilated';
    case Unheated = 'unheated';
    case Freezing = 'freezing';
}
