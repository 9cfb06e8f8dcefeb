<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** Purlins along the row on struts, each strut on the head of one driven pile or ground screw under the middle of the modules. */
final readonly class PileRow implements Racking
{
    public function __construct(
        /** Along the row. */
        #[Range(2, 12)]
        public int $posts,
        #[Range(0, 3)]
        public Length $endOverhang,
        /** From the ends of a module, up the slope, to the purlins under it. */
        #[Range(0, 2)]
        public Length $purlinAt,
        /** Of the heads over the highest ground at a pile. */
        #[Range(0.3, 4)]
        public Length $headHeight,
        /** The modules' plane over the heads, across the modules. */
        #[Range(0, 0.5)]
        public Length $offset,
        public PileSection $pile,
        public PileSection $strut,
        public PileSection $purlin,
        public BeamJoints $joints,
        /** How far a head can be moved up or down, and to the sides, to bring it into line. */
        #[Range(0, 0.5)]
        public Length $adjusts,
        /** Of purlins, struts and heads, spread over the modules. */
        #[Range(0, 500)]
        public Pressure $dead,
        public RowHolds $rowHolds,
        public PullTests $tests,
        /** Between two posts of a row, from the left; null where they stand in equal bays between equal overhangs. */
        #[Range(0.3, 10)]
        public ?Length $bay = null,
    ) {
    }
}
