<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum YesNo: string
{
    case Yes = 'yes';
    case No = 'no';
    case Unknown = 'unknown';
}
