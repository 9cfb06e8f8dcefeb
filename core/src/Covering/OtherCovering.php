<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

/** None of the others. */
final readonly class OtherCovering implements Covering
{
    use Unplanned;
}
