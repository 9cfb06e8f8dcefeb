<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** Choices of the planner. */
final readonly class Rules
{
    public function __construct(
        public Pattern $pattern,
        public RidgeReading $ridgeReading,
        /** Who took the milder reading of the ridge, when it is taken. */
        #[Text(120)]
        public ?string $ridgeReadingBy,
        public RunDatum $runDatum,
        public SlopeDatum $slopeDatum,
        /** Height of the control chalk line over the eave edge. */
        #[Range(0, 60)]
        public ?Length $controlLine,
        public bool $inchesOnly,
    ) {
    }
}
