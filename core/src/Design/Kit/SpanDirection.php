<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

/** What a maker's table of spans has reckoned with. */
enum SpanDirection: string
{
    /** Loads square to the roof: what slides down the slope is left to the stresses of the rail. */
    case Normal = 'normal';
    /** Those on the slope too, on roofs as steep as this. */
    case Both = 'both';
}
