<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\LineMass;
use Garnetine\Core\Quantity\Moment;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\SecondMoment;
use Garnetine\Core\Quantity\SectionModulus;

/** A rail: x is bending under loads normal to the roof, y under loads along the slope. */
final readonly class Rail
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        #[Range(0.5, 15)]
        public Length $stockLength,
        #[Range(1e-8, 1e-3)]
        public SectionModulus $sectionModulusX,
        #[Range(1e-8, 1e-3)]
        public SectionModulus $sectionModulusY,
        #[Range(1e-10, 1e-4)]
        public SecondMoment $secondMomentX,
        #[Range(1e9, 3e11)]
        public Pressure $elasticModulus,
        /** Allowable (ASD) bending stress. */
        #[Range(1e6, 1e9)]
        public ?Pressure $allowableStress,
        /** Allowable moment of a splice; null makes it a hinge. */
        #[Range(0.1, 1e5)]
        public ?Moment $spliceMoment,
        #[Range(0.05, 20)]
        public LineMass $lineMass,
        /** Rail left past the module's edge at each end. */
        #[Range(0, 0.5)]
        public Length $endPastModule,
        /** Width of a saw cut. */
        #[Range(0, 0.01)]
        public Length $kerf,
        /** Longest run before an expansion gap. */
        #[Range(1, 100)]
        public ?Length $longestRun,
        public ?SpanTable $spans = null,
    ) {
    }
}
