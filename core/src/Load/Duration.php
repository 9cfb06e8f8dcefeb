<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** The shortest load of a combination, by which timber is judged. */
enum Duration: string
{
    case Dead = 'dead';
    case Snow = 'snow';
    case Wind = 'wind';
}
