<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Sun;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Angle;

/** How much of the light outside the air comes down to the level in each month, and where: what tilts are compared by. */
final readonly class Sunshine
{
    /** @param list<HorizonPoint> $horizon */
    public function __construct(
        /** North positive. */
        #[Range(-1.4835, 1.4835)]
        public Angle $latitude,
        #[Range(0.3, 0.8)]
        public float $january,
        #[Range(0.3, 0.8)]
        public float $february,
        #[Range(0.3, 0.8)]
        public float $march,
        #[Range(0.3, 0.8)]
        public float $april,
        #[Range(0.3, 0.8)]
        public float $may,
        #[Range(0.3, 0.8)]
        public float $june,
        #[Range(0.3, 0.8)]
        public float $july,
        #[Range(0.3, 0.8)]
        public float $august,
        #[Range(0.3, 0.8)]
        public float $september,
        #[Range(0.3, 0.8)]
        public float $october,
        #[Range(0.3, 0.8)]
        public float $november,
        #[Range(0.3, 0.8)]
        public float $december,
        /** Of the ground, what it throws back. */
        #[Range(0, 0.9)]
        public float $albedo,
        /** What hides the sun round about; none where nobody looked. */
        #[Items(HorizonPoint::class, 72)]
        public array $horizon = [],
        public Aim $aim = Aim::Year,
    ) {
    }

    /** @return list<int>|null Months from 0 whose light counts; all where null */
    public function aimed(): ?array
    {
        return $this->aim->months($this->isNorth());
    }

    public function isNorth(): bool
    {
        return $this->latitude->toRadians() >= 0.0;
    }

    /** @return list<float> From January on */
    public function months(): array
    {
        return [
            $this->january, $this->february, $this->march, $this->april, $this->may, $this->june,
            $this->july, $this->august, $this->september, $this->october, $this->november, $this->december,
        ];
    }
}
