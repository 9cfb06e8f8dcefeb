<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Document\Range;

/** A kind of table that is made up in the tests. */
final readonly class OneMorePipeTable implements Racking
{
    public function __construct(#[Range(2, 12)] public int $posts)
    {
    }
}
