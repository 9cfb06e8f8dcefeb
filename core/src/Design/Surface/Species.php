<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

/** Species groups of framing timber by the names of the wood standard, plus "unknown". */
enum Species: string
{
    case DouglasFirLarch = 'douglas_fir_larch';
    case DouglasFirLarchNorth = 'douglas_fir_larch_north';
    case DouglasFirSouth = 'douglas_fir_south';
    case SouthernPine = 'southern_pine';
    case HemFir = 'hem_fir';
    case HemFirNorth = 'hem_fir_north';
    case SprucePineFir = 'spruce_pine_fir';
    case SprucePineFirSouth = 'spruce_pine_fir_south';
    case Unknown = 'unknown';
}
