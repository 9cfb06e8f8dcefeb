<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/** What the foot is made of where the lag goes through. */
enum PlateMaterial: string
{
    case SteelA36 = 'steel_a36';
    case SteelA653 = 'steel_a653_33';
    case Aluminium = 'aluminium';
}
