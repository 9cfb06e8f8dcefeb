<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** Wind regions of AS/NZS 1170.2, of the 2011 and the 2021 edition. */
enum AsNzsRegion: string
{
    case A0 = 'A0';
    case A1 = 'A1';
    case A2 = 'A2';
    case A3 = 'A3';
    case A4 = 'A4';
    case A5 = 'A5';
    case A6 = 'A6';
    case A7 = 'A7';
    case B = 'B';
    case B1 = 'B1';
    case B2 = 'B2';
    case C = 'C';
    case D = 'D';
    case W = 'W';
    case Nz1 = 'NZ1';
    case Nz2 = 'NZ2';
    case Nz3 = 'NZ3';
    case Nz4 = 'NZ4';
}
