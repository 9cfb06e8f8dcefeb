<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** Tests on this ground, of what the table will stand on, at the depth at which that will go in. */
final readonly class PullTests
{
    /** @param list<PullTest> $each */
    public function __construct(
        #[Text(160)]
        public string $document,
        /** How deep they went in. */
        #[Range(0.2, 6)]
        public Length $embedment,
        /** The ground was neither frozen nor dried to a crust, and resin had hardened. */
        public YesNo $representative,
        #[Items(PullTest::class, 60)]
        public array $each,
        /** How high over the ground they were pulled sideways; null where they were pulled at the ground, or not at all. */
        #[Range(0, 4)]
        public ?Length $sidewaysAt = null,
    ) {
    }
}
