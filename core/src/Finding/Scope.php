<?php

declare(strict_types=1);

namespace Garnetine\Core\Finding;

/** What a refusal or a stop touches. */
enum Scope: string
{
    case Job = 'job';
    case Surface = 'surface';
    case Run = 'run';
}
