<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum Covering: string
{
    case AsphaltShingles = 'asphalt_shingles';
    case Metal = 'metal';
    case Tile = 'tile';
    case Membrane = 'membrane';
    case Other = 'other';
}
