<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Part;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;

/** The modules: rows and columns, from the lower left corner. */
final readonly class Block
{
    /**
     * @param list<Cell> $leftOut
     * @param list<Pin> $pins
     * @param list<Bar> $bars
     */
    public function __construct(
        /** Which surface it lies on, of which modules and kit it is, by their ids. */
        #[Text(40, Text::SLUG)]
        public string $surface,
        #[Text(40, Text::SLUG)]
        public string $module,
        #[Text(40, Text::SLUG)]
        public string $kit,
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
        #[Items(Pin::class, 500)]
        public array $pins = [],
        #[Items(Bar::class, 500)]
        public array $bars = [],
        /** How rails lie under the modules. */
        public Arrangement $arrangement = new RailsAcross(),
    ) {
    }

    /** How many modules it has. */
    public function count(): int
    {
        $out = [];
        foreach ($this->leftOut as $cell) {
            $out["$cell->row.$cell->column"] = $cell->row <= $this->rows && $cell->column <= $this->columns;
        }

        return $this->rows * $this->columns - count(array_filter($out));
    }

    /**
     * The same block elsewhere, with no foot decided.
     *
     * @param list<Cell> $leftOut None: whole
     */
    public function at(Length $x, Length $y, array $leftOut = []): self
    {
        return Copy::of($this, x: $x, y: $y, leftOut: $leftOut, pins: [], bars: []);
    }

    /** Left and right exchanged, at a place. */
    public function mirrored(Length $x): self
    {
        return $this->at($x, $this->y, array_map(
            fn (Cell $cell): Cell => new Cell($cell->row, $this->columns + 1 - $cell->column),
            array_values(array_filter($this->leftOut, fn (Cell $cell): bool => $cell->column <= $this->columns)),
        ));
    }

    /** The same block on a surface of a job, of its modules and kit. */
    public function on(Part $part): self
    {
        return [$this->surface, $this->module, $this->kit] === [$part->surface, $part->module, $part->kit] ? $this : Copy::of(
            $this,
            surface: $part->surface,
            module: $part->module,
            kit: $part->kit,
        );
    }
}
