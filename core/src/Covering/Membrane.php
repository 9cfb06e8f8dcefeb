<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

/** A membrane, as on flat roofs. */
final readonly class Membrane implements Covering
{
    use Unplanned;
}
