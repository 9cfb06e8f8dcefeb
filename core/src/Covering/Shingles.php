<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Asphalt shingles in courses, over an underlayment. */
final readonly class Shingles implements Covering
{
    public function __construct(
        /** All shingles above the deck where a hole goes through. */
        #[Range(0.001, 0.06)]
        public Length $shingleThickness,
        #[Range(0, 0.02)]
        public Length $underlaymentThickness,
        /** A measured butt line near the eave, up the slope from the eave edge. */
        #[Range(0, 60)]
        public Length $lowerButt,
        /** A measured butt line near the ridge. */
        #[Range(0, 60)]
        public Length $upperButt,
        /** Courses between the two butt lines. */
        #[Range(1, 400)]
        public int $coursesBetween,
    ) {
    }

    public function thickness(): Length
    {
        return $this->underlaymentThickness->plus($this->shingleThickness);
    }

    public function underlayment(): Length
    {
        return $this->underlaymentThickness;
    }

    public function isPlanned(): bool
    {
        return true;
    }

    public function liesOnPurlins(): bool
    {
        return false;
    }

    public function stand(): string
    {
        return 'member';
    }

    public function step(string $code): string
    {
        return $code;
    }

    public function cautions(string $code): array
    {
        return $code === 'attach' ? ['cold_shingles', 'offcuts'] : [];
    }

    public function tools(): array
    {
        return ['hammer', 'probe', 'flat_bar', 'sealant_gun'];
    }

    public function mirrored(Length $width): self
    {
        return $this;
    }
}
