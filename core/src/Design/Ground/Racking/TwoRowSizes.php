<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** What tables on two rows of posts have alike, whatever they are made of: read off the racking, no part of a document. */
final readonly class TwoRowSizes
{
    public function __construct(
        /** Along the row; as many at the front as at the rear. */
        public int $posts,
        public Length $endOverhang,
        /** Centre of the front beam, up the slope from the low edge. */
        public Length $front,
        /** Between the beams, on the level. */
        public Length $between,
        public Length $frontHeight,
        /** The modules' plane over the centres of the beams. */
        public Length $offset,
        public BeamJoints $joints,
        public Pressure $dead,
        public Holds $holds,
        /** How thick rails and beams are together, seen from the end of the row. */
        public Length $beamDepth,
        /** Where the distance of the front beam was entered: "/table/racking/front_pipe_m". */
        public string $frontPath,
        public ?Brace $brace = null,
        /** Between two posts of a row; null where they stand in equal bays between the overhangs. */
        public ?Length $bay = null,
        /** How far a post that is cut to its length reaches over the centre of its beam; null of such as are not. */
        public ?Length $overHead = null,
    ) {
    }
}
