<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

/** The gable from which the framing was set out, seen from outside. */
enum LayoutFrom: string
{
    case Left = 'left';
    case Right = 'right';
    case Unknown = 'unknown';
}
