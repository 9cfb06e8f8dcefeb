<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** Allowable values of this ground by somebody who looked into it; they stand in place of the presumptive ones of its class. */
final readonly class SoilReport
{
    public function __construct(
        #[Text(160)]
        public string $document,
        #[Text(80)]
        public string $by,
        /** On the ground. */
        #[Range(5_000, 2_000_000)]
        public ?Pressure $bearing,
        /** Against the side at a depth; it grows with that. */
        #[Range(100, 500_000)]
        public ?Pressure $lateral,
        #[Range(0.1, 3)]
        public Length $lateralAt,
        /** Along the side of concrete; none where it counts nothing. */
        #[Range(0, 500_000)]
        public ?Pressure $side,
        /** What slides over it is held by so much of the weight, or by so much under it and half of the weight at most. */
        #[Range(0.05, 1)]
        public ?float $friction,
        #[Range(500, 500_000)]
        public ?Pressure $cohesion,
        /** Undrained, of clay: no allowable value, but what it bears at most. */
        #[Range(1_000, 500_000)]
        public ?Pressure $shearStrength = null,
        /** Within sand. */
        #[Range(0.35, 0.88)]
        public ?Angle $frictionAngle = null,
    ) {
    }

    /** Whether it says whose it is. */
    public function isNamed(): bool
    {
        return trim($this->document) !== '' && mb_strlen(trim($this->by)) >= 2;
    }
}
