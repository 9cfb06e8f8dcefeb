<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

enum RiskCategory: string
{
    case I = 'I';
    case II = 'II';
    case III = 'III';
    case IV = 'IV';
}
