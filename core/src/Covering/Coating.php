<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

/** What a metal sheet shows to the weather, under its paint. */
enum Coating: string
{
    case Unknown = 'unknown';
    case Zinc = 'zinc';
    case AluminiumZinc = 'aluminium_zinc';
    case Aluminium = 'aluminium';
    case Copper = 'copper';
}
