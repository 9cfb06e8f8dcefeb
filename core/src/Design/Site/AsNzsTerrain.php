<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** Terrain categories of AS/NZS 1170.2, Table 4.1. */
enum AsNzsTerrain: string
{
    case Tc1 = '1';
    case Tc15 = '1.5';
    case Tc2 = '2';
    case Tc25 = '2.5';
    case Tc3 = '3';
    case Tc4 = '4';
}
