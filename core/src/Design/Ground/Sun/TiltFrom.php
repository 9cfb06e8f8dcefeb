<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Sun;

/** From where a tilt was counted: tables that count from the vertical exist. */
enum TiltFrom: string
{
    case Horizontal = 'horizontal';
    case Vertical = 'vertical';
}
