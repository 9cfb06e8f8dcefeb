<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Mass;
use Garnetine\Core\Quantity\Pressure;

/** One row of modules between triangular frames whose feet are trays that lie on the ground, held down by blocks alone. */
final readonly class BallastFrames implements Frames, LaidOnGround
{
    public function __construct(
        #[Text(160)]
        public string $document,
        /** On the level, from the low edge to the middle of the front tray. */
        #[Range(0, 3)]
        public Length $frontFoot,
        /** Between the middles of the two trays of a frame, on the level. */
        #[Range(0.2, 4)]
        public Length $between,
        /** Of the low edge over the ground. */
        #[Range(0, 2)]
        public Length $edgeHeight,
        #[Range(0.005, 0.2)]
        public Length $thick,
        #[Range(0, 0.1)]
        public Length $under,
        #[Range(0, 0.5)]
        public Length $conduitOver,
        /** From the end of a module to its bolts on a frame. */
        #[Range(0, 2)]
        public Length $boltAt,
        /** What the bolts of a module on one frame bear, lifted (ASD). */
        #[Range(1, 1e5)]
        public ?Force $boltsUp,
        /** What one foot of a frame bears on its tray, lifted and pushed (ASD). */
        #[Range(1, 1e5)]
        public ?Force $footUp,
        #[Range(1, 1e5)]
        public ?Force $footAcross,
        /** Of frames, trays and conduit, spread over the modules. */
        #[Range(0, 500)]
        public Pressure $dead,
        /** Of a tray on the ground: from the low edge to the high one, and along the row. */
        #[Range(0.1, 3)]
        public Length $trayLong,
        #[Range(0.1, 3)]
        public Length $trayWide,
        /** The least that was weighed of such blocks. */
        #[Range(1, 500)]
        public Mass $block,
        /** For which a tray has room. */
        #[Range(1, 60)]
        public int $mostBlocks,
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
