<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** Rails up the slope on a front and a rear beam, each on a row of driven piles or ground screws. */
final readonly class PileTable implements TwoRows
{
    public function __construct(
        /** Along the row; there are as many at the front as at the rear. */
        #[Range(2, 12)]
        public int $posts,
        #[Range(0, 3)]
        public Length $endOverhang,
        #[Range(0, 4)]
        public Length $frontPurlin,
        /** Between the beams, on the level. */
        #[Range(0.3, 6)]
        public Length $between,
        /** Centre of the front beam over the highest ground at a front pile. */
        #[Range(0.1, 4)]
        public Length $frontHeight,
        #[Range(0, 0.5)]
        public Length $offset,
        public PileSection $pile,
        public PileSection $purlin,
        public BeamJoints $joints,
        /** How far a head can be moved up or down, and to the sides, to bring it into line. */
        #[Range(0, 0.5)]
        public Length $adjusts,
        #[Range(0, 500)]
        public Pressure $dead,
        public Holds $holds,
        public PullTests $tests,
        public ?Brace $brace = null,
        /** Between two posts of a row, from the left; null where they stand in equal bays between equal overhangs. */
        #[Range(0.3, 10)]
        public ?Length $bay = null,
    ) {
    }

    public function sizes(): TwoRowSizes
    {
        return new TwoRowSizes(
            $this->posts,
            $this->endOverhang,
            $this->frontPurlin,
            $this->between,
            $this->frontHeight,
            $this->offset,
            $this->joints,
            $this->dead,
            $this->holds,
            $this->purlin->width,
            '/table/racking/front_purlin_m',
            $this->brace,
            $this->bay,
        );
    }
}
