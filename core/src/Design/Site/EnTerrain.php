<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** Terrain categories of EN 1991-1-4, Table 4.1. */
enum EnTerrain: string
{
    case Sea = '0';
    case Flat = 'I';
    case Low = 'II';
    case Suburb = 'III';
    case City = 'IV';
}
