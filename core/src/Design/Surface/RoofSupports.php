<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

enum RoofSupports: string
{
    case Simple = 'simple';
    case Other = 'other';
    case Unknown = 'unknown';
}
