<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** What the posts stand in. */
final readonly class Soil
{
    public function __construct(
        public SoilKind $kind,
        #[Text(160)]
        public string $source,
        public YesNo $expansive,
        #[Range(0, 3)]
        public Length $frostDepth,
        public YesNo $frostProne,
        /** Whether a sleeve or drained gravel keeps frozen ground from gripping the concrete. */
        public YesNo $parted,
        /** Of somebody who looked into it. */
        public ?SoilReport $report = null,
    ) {
    }
}
