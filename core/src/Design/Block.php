<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;

/** The modules: rows and columns, from the lower left corner. */
final readonly class Block
{
    /** @param list<Cell> $leftOut */
    public function __construct(
        #[Text(40, Text::SLUG)]
        public string $id,
        public Orientation $orientation,
        #[Range(1, 200)]
        public int $rows,
        #[Range(1, 200)]
        public int $columns,
        #[Range(-10, 200)]
        public Length $x,
        #[Range(-10, 60)]
        public Length $y,
        /** Between columns. */
        #[Range(0, 1)]
        public Length $columnGap,
        /** Between rows. */
        #[Range(0, 1)]
        public Length $rowGap,
        /** Top of the modules above the roof, h2. */
        #[Range(0.02, 1)]
        public Length $topAboveRoof,
        /** Tilt of the modules against the roof. */
        #[Range(0, 1)]
        public Angle $tiltFromRoof,
        #[Items(Cell::class, 10_000)]
        public array $leftOut,
    ) {
    }
}
