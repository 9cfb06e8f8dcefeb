<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Built;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;

/** The hole of one post as it was measured, and how the post stands in it, by whom and when: from then on that post is fixed. */
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
        /** Out of plumb, whichever way; null where nobody looked. */
        #[Range(0, 0.2)]
        public ?Angle $lean = null,
        /** Out of the line of its row, to the rear positive. */
        #[Range(-0.3, 0.3)]
        public ?Length $offLine = null,
        /** Its head over where the plan has it. */
        #[Range(-0.5, 0.5)]
        public ?Length $headOver = null,
        /** As the post was cut; null where nobody measured. */
        #[Range(0.3, 12)]
        public ?Length $cut = null,
        /** The day on which its concrete was poured. */
        #[Text(10, Text::DATE)]
        public ?string $pouredOn = null,
    ) {
    }
}
