<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum RiskCategory: string
{
    case I = 'I';
    case II = 'II';
    case III = 'III';
    case IV = 'IV';
}
