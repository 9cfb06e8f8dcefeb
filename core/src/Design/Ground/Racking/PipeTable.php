<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** Rails up the slope on a front and a rear pipe, which lie on posts in concrete. */
final readonly class PipeTable implements TwoRows, InHoles
{
    public function __construct(
        /** Along the row; there are as many at the front as at the rear. */
        #[Range(2, 12)]
        public int $posts,
        /** From the table's edge to the first post, and from the last. */
        #[Range(0, 3)]
        public Length $endOverhang,
        /** Centre of the front pipe, up the slope from the low edge. */
        #[Range(0, 4)]
        public Length $frontPipe,
        /** Between the pipes, on the level. */
        #[Range(0.3, 6)]
        public Length $between,
        /** Centre of the front pipe over the highest ground at a front post. */
        #[Range(0.1, 4)]
        public Length $frontHeight,
        /** The modules' plane over the centres of the pipes. */
        #[Range(0, 0.5)]
        public Length $offset,
        public Pipe $post,
        public Pipe $beam,
        public BeamJoints $joints,
        /** A post ends so far under the centre of the pipe that it carries. */
        #[Range(0, 0.3)]
        public Length $seat,
        /** Of rails and pipes, spread over the table. */
        #[Range(0, 500)]
        public Pressure $dead,
        public Holds $holds,
        /** Whether something goes through the posts in the concrete: a smooth one is pulled out of it. */
        public YesNo $crossBolt,
        public CutWhen $cut = CutWhen::Before,
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
            $this->frontPipe,
            $this->between,
            $this->frontHeight,
            $this->offset,
            $this->joints,
            $this->dead,
            $this->holds,
            $this->beam->outside,
            '/table/racking/front_pipe_m',
            $this->brace,
            $this->bay,
            $this->seat->times(-1),
        );
    }
}
