<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Angle;

/** The ground under a table: by a level at each post, or by two slopes. */
final readonly class Terrain
{
    /** @param list<PostLevel> $levels From the left, seen from the low edge; none where the slopes stand for it */
    public function __construct(
        /** Rising to the rear. */
        #[Range(-0.6, 0.6)]
        public Angle $across,
        /** Rising to the right, seen from the low edge. */
        #[Range(-0.6, 0.6)]
        public Angle $along,
        #[Items(PostLevel::class, 12)]
        public array $levels,
    ) {
    }
}
