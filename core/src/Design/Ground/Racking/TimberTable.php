<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** Struts up the slope on a front and a rear timber beam, bolted upright to the sides of timber posts in concrete. */
final readonly class TimberTable implements TwoRows, InHoles
{
    public function __construct(
        /** Along the row; there are as many at the front as at the rear. */
        #[Range(2, 12)]
        public int $posts,
        #[Range(0, 3)]
        public Length $endOverhang,
        /** Centre of the front beam, up the slope from the low edge. */
        #[Range(0, 4)]
        public Length $frontBeam,
        /** Between the beams, on the level. */
        #[Range(0.3, 6)]
        public Length $between,
        /** Centre of the front beam over the highest ground at a front post. */
        #[Range(0.1, 4)]
        public Length $frontHeight,
        /** The modules' plane over the centres of the beams. */
        #[Range(0, 0.5)]
        public Length $offset,
        public Timber $frontPost,
        public Timber $rearPost,
        /** As one piece, however many are nailed together. */
        public Timber $girder,
        public BeamJoints $joints,
        /** Diameter of the bolts of a beam on a post. */
        #[Range(0.006, 0.03)]
        public Length $bolt,
        /** A post goes so far over the centre of its beam. */
        #[Range(0, 0.4)]
        public Length $above,
        /** Of struts and beams, spread over the table. */
        #[Range(0, 500)]
        public Pressure $dead,
        public Holds $holds,
        /** Whether something goes through the posts in the concrete. */
        public YesNo $crossBolt,
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
            $this->frontBeam,
            $this->between,
            $this->frontHeight,
            $this->offset,
            $this->joints,
            $this->dead,
            $this->holds,
            $this->girder->depth,
            '/table/racking/front_beam_m',
            $this->brace,
            $this->bay,
            $this->above,
        );
    }
}
