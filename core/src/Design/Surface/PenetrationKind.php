<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

enum PenetrationKind: string
{
    case RoofAnchor = 'roof_anchor';
    case CableEntry = 'cable_entry';
    case RemovedScrew = 'removed_screw';
    case MissedPilot = 'missed_pilot';
}
