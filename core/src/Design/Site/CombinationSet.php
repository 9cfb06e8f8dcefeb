<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** How loads are combined where the standard has two ways: allowable stresses under service loads, or strengths under factored ones. */
enum CombinationSet: string
{
    case Asd = 'asd';
    case Lrfd = 'lrfd';
}
