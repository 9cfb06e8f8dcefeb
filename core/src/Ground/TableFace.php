<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Kit\ModuleRating;
use Garnetine\Core\Design\Kit\ModuleSide;
use Garnetine\Core\Design\Kit\RailRelation;
use Garnetine\Core\Quantity\Length;

/** The modules of a table as one plane over the ground: all that wind and snow are told by, whatever carries it. */
readonly class TableFace
{
    public function __construct(
        public float $tilt_rad,
        /** Up the slope. */
        public float $chord_m,
        /** Along the row. */
        public float $width_m,
        /** Of the low edge over the highest ground below it. */
        public float $lowEdge_m,
        /** Of the middle of the modules, over the lowest ground at a post. */
        public float $meanHeight_m,
        /** Along the row, between what carries it; none on one post. */
        public int $spans,
        /** From the side of a module to its rail. */
        public float $railAt_m,
        /** The side of a module on which it is held; null for that across the rails. */
        public ?ModuleSide $heldOn = null,
    ) {
    }

    /** Size of the modules up the slope. */
    public static function chordOf_m(TableDesign $design): float
    {
        return $design->table->rows * $design->moduleUp()->toMetres() + ($design->table->rows - 1) * $design->table->rowGap->toMetres();
    }

    /** Size of the modules along the row. */
    public static function widthOf_m(TableDesign $design): float
    {
        return $design->table->columns * $design->moduleAcross()->toMetres() + ($design->table->columns - 1) * $design->table->columnGap->toMetres();
    }

    /**
     * Along the row: in bays of one length from the left where that was entered, else in equal ones between equal overhangs.
     *
     * @param int<2, max> $posts
     *
     * @return non-empty-list<float>
     */
    public static function postsOf_m(TableDesign $design, int $posts, Length $overhang, ?Length $bay): array
    {
        $overhang_m = $overhang->toMetres();
        $bay_m = $bay?->toMetres() ?? (self::widthOf_m($design) - 2 * $overhang_m) / ($posts - 1);

        return array_map(static fn (int $post): float => $overhang_m + $post * $bay_m, range(0, $posts - 1));
    }

    /** How far from the side of a module its rails lie: at its thirds (common practice, no source), moved into the nearest clamp zone. */
    public static function railAtOf_m(TableDesign $design): float
    {
        $third_m = $design->moduleAcross()->toMetres() / 3;
        $nearest_m = null;
        foreach (self::held($design) as $rating) {
            $in_m = min(max($third_m, $rating->from->toMetres()), $rating->to->toMetres());
            $nearest_m = $nearest_m === null || abs($in_m - $third_m) < abs($nearest_m - $third_m) ? $in_m : $nearest_m;
        }

        return $nearest_m ?? $third_m;
    }

    /** @return list<float> Along the row: two rails under each column of modules */
    public static function railsOf_m(TableDesign $design): array
    {
        [$across_m, $at_m, $rails_m] = [$design->moduleAcross()->toMetres(), self::railAtOf_m($design), []];
        for ($column = 0; $column < $design->table->columns; ++$column) {
            $left_m = $column * ($across_m + $design->table->columnGap->toMetres());
            array_push($rails_m, $left_m + $at_m, $left_m + $across_m - $at_m);
        }

        return $rails_m;
    }

    /** @return list<ModuleRating> Of the side on which modules are held: that which lies across the rails, or another */
    public static function held(TableDesign $design, ?ModuleSide $on = null): array
    {
        $side = $on ?? ($design->table->orientation === Orientation::Portrait ? ModuleSide::Short : ModuleSide::Long);

        // Rails of tables run up the slope, and cross the side that they hold.
        return array_values(array_filter(
            $design->module->ratings,
            static fn (ModuleRating $rating): bool => $rating->side === $side && $rating->relation === RailRelation::Crossing,
        ));
    }

    public function area_m2(): float
    {
        return $this->chord_m * $this->width_m;
    }

    /** Mean height over the horizontal extent, of which the figure of open roofs is sure from 0.25 to 1. */
    public function slenderness(): float
    {
        return $this->meanHeight_m / ($this->chord_m * cos($this->tilt_rad));
    }
}
