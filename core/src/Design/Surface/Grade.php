<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

/** Visual grades of dimension lumber. */
enum Grade: string
{
    case Select = 'select_structural';
    case One = 'no_1';
    case Two = 'no_2';
    case Three = 'no_3';
}
