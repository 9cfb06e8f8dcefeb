<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

enum RunDatum: string
{
    case LeftRake = 'left_rake';
    case RightRake = 'right_rake';
    case FirstMember = 'first_member';
}
