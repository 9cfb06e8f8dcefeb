<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** The hole of one post as it was measured, by whom and when: from then on that post is fixed. */
final readonly class BuiltPost
{
    public function __construct(
        /** "A1", as the plan names it. */
        #[Text(4, '[A-Z]{1,2}[12]')]
        public string $post,
        #[Range(0.1, 6)]
        public Length $depth,
        #[Text(80)]
        public string $by,
        #[Text(10, Text::DATE)]
        public ?string $on,
    ) {
    }
}
