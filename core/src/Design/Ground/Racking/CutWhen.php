<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

/** When posts get their length: two schools. */
enum CutWhen: string
{
    /** On the ground, to the plan: then every hole has to be as deep as planned. */
    case Before = 'before';
    /** Standing in the set concrete, by string and level. */
    case InPlace = 'in_place';
}
