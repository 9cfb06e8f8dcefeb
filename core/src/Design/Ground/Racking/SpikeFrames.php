<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Mass;
use Garnetine\Core\Quantity\Pressure;

/** One row of modules between triangular frames, each on two spikes set in resin and strung on a conduit that spaces them. */
final readonly class SpikeFrames implements Frames
{
    public function __construct(
        #[Text(160)]
        public string $document,
        /** On the level, from the low edge to the front spike. */
        #[Range(0, 3)]
        public Length $frontFoot,
        /** Between the two spikes of a frame, on the level. */
        #[Range(0.2, 4)]
        public Length $between,
        /** Of the low edge over the ground. */
        #[Range(0, 2)]
        public Length $edgeHeight,
        /** How thick a frame is, along the row. */
        #[Range(0.005, 0.2)]
        public Length $thick,
        /** A frame stands so far under the edges of its modules. */
        #[Range(0, 0.1)]
        public Length $under,
        /** Of the conduit, past the end frames. */
        #[Range(0, 0.5)]
        public Length $conduitOver,
        /** From the end of a module to its bolts on a frame. */
        #[Range(0, 2)]
        public Length $boltAt,
        /** What the bolts of a module on one frame bear, lifted (ASD). */
        #[Range(1, 1e5)]
        public ?Force $boltsUp,
        /** What one foot of a frame bears on its spike, lifted and pushed (ASD). */
        #[Range(1, 1e5)]
        public ?Force $footUp,
        #[Range(1, 1e5)]
        public ?Force $footAcross,
        /** Of frames and conduit, spread over the modules. */
        #[Range(0, 500)]
        public Pressure $dead,
        public PullTests $tests,
        public ?Resin $resin = null,
        /** Laid on each frame over its front spike: the least that was weighed of such blocks; null where nothing is. */
        #[Range(1, 500)]
        public ?Mass $frontBallast = null,
        #[Range(1, 500)]
        public ?Mass $rearBallast = null,
    ) {
    }

    public function frames(): FrameSizes
    {
        return new FrameSizes(
            $this->document,
            $this->frontFoot,
            $this->between,
            $this->edgeHeight,
            $this->thick,
            $this->under,
            $this->conduitOver,
            $this->boltAt,
            $this->boltsUp,
            $this->footUp,
            $this->footAcross,
            $this->dead,
        );
    }
}
