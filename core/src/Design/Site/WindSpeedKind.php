<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** What an entered wind speed means: ASCE 7-10 and later map strength-level speeds, older editions allowable-stress ones. */
enum WindSpeedKind: string
{
    case Strength = 'strength';
    case Allowable = 'allowable';
    case Unknown = 'unknown';
}
