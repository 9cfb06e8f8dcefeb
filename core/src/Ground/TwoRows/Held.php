<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableCheck;

/** How deep posts stand, and what was checked there. */
final readonly class Held
{
    /**
     * @param list<TableCheck> $checks
     * @param list<Finding> $findings
     */
    public function __construct(
        /** The least that holds; null where none does. */
        public ?float $depth_m,
        /** That which was looked at: the least, or the deepest. */
        public float $tried_m,
        public array $checks,
        public array $findings,
    ) {
    }
}
