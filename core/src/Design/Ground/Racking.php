<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground;

/** What carries the modules of a table and stands on the ground. A further kind is a class, a line here and its own plan. */
interface Racking
{
    public const KINDS = ['pipe_table' => PipeTable::class];
}
