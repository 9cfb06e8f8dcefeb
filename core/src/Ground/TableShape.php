<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\PostLevel;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Ground\Terrain;
use Garnetine\Core\Design\ModuleRating;
use Garnetine\Core\Design\ModuleSide;
use Garnetine\Core\Design\Orientation;

/**
 * Where everything of a pipe table stands, in metres: x along the row from the left, seen from the low edge; y on the level and z up from there;
 * s up the slope from the low edge. Ground is told over the first front post.
 */
final readonly class TableShape
{
    /**
     * @param non-empty-list<float> $posts_m Along the row
     * @param list<float> $rails_m Along the row: two under each column of modules
     * @param non-empty-list<float> $front_m Heights of the front pipe's centre over the ground at each post
     * @param non-empty-list<float> $rear_m
     * @param non-empty-list<float> $frontGround_m
     * @param non-empty-list<float> $rearGround_m
     */
    private function __construct(
        public float $tilt_rad,
        /** Up the slope. */
        public float $chord_m,
        /** Along the row. */
        public float $width_m,
        /** Of the front pipe, up the slope. */
        public float $frontPipe_m,
        public float $rearPipe_m,
        /** Between the pipes, on the level and up. */
        public float $between_m,
        public float $rise_m,
        public float $offset_m,
        public array $posts_m,
        public array $rails_m,
        /** From the side of a module to its rail. */
        public float $railAt_m,
        public array $front_m,
        public array $rear_m,
        public array $frontGround_m,
        public array $rearGround_m,
        /** Of the low edge over the highest ground at a front post. */
        public float $lowEdge_m,
        /** Of the middle of the modules, over the lowest ground at a post. */
        public float $meanHeight_m,
    ) {
    }

    public static function of(TableDesign $design, PipeTable $pipes): self
    {
        $table = $design->table;
        $tilt = $table->tilt()->toRadians();
        $chord_m = $table->rows * $design->moduleUp()->toMetres() + ($table->rows - 1) * $table->rowGap->toMetres();
        $across_m = $design->moduleAcross()->toMetres();
        $width_m = $table->columns * $across_m + ($table->columns - 1) * $table->columnGap->toMetres();
        $bay_m = ($width_m - 2 * $pipes->endOverhang->toMetres()) / ($pipes->posts - 1);
        $posts_m = array_map(static fn (int $post): float => $pipes->endOverhang->toMetres() + $post * $bay_m, range(0, $pipes->posts - 1));
        [$front, $rear] = self::ground($table->ground, $posts_m, $pipes->between->toMetres());
        $rise_m = $pipes->between->toMetres() * tan($tilt);
        $pipe_m = max($front) + $pipes->frontHeight->toMetres();
        $lowEdge_m = $pipes->frontHeight->toMetres() - $pipes->frontPipe->toMetres() * sin($tilt) + $pipes->offset->toMetres() * cos($tilt);
        $railAt_m = self::railAt_m($design, $across_m);
        $rails_m = [];
        for ($column = 0; $column < $table->columns; ++$column) {
            $left_m = $column * ($across_m + $table->columnGap->toMetres());
            array_push($rails_m, $left_m + $railAt_m, $left_m + $across_m - $railAt_m);
        }

        return new self(
            $tilt,
            $chord_m,
            $width_m,
            $pipes->frontPipe->toMetres(),
            $pipes->frontPipe->toMetres() + $pipes->between->toMetres() / cos($tilt),
            $pipes->between->toMetres(),
            $rise_m,
            $pipes->offset->toMetres(),
            $posts_m,
            $rails_m,
            $railAt_m,
            array_map(static fn (float $ground_m): float => $pipe_m - $ground_m, $front),
            array_map(static fn (float $ground_m): float => $pipe_m + $rise_m - $ground_m, $rear),
            $front,
            $rear,
            $lowEdge_m,
            max($front) + $lowEdge_m + $chord_m / 2 * sin($tilt) - min([...$front, ...$rear]),
        );
    }

    /** How far from the side of a module its rails lie: at its thirds (common practice, no source), moved into the nearest clamp zone. */
    private static function railAt_m(TableDesign $design, float $across_m): float
    {
        $third_m = $across_m / 3;
        $nearest_m = null;
        foreach (self::held($design) as $rating) {
            $in_m = min(max($third_m, $rating->from->toMetres()), $rating->to->toMetres());
            $nearest_m = $nearest_m === null || abs($in_m - $third_m) < abs($nearest_m - $third_m) ? $in_m : $nearest_m;
        }

        return $nearest_m ?? $third_m;
    }

    /** @return list<ModuleRating> Of the side that lies across the rails, in which the clamps hold */
    public static function held(TableDesign $design): array
    {
        $side = $design->table->orientation === Orientation::Portrait ? ModuleSide::Short : ModuleSide::Long;

        return array_values(array_filter($design->module->ratings, static fn (ModuleRating $rating): bool => $rating->side === $side));
    }

    /**
     * @param non-empty-list<float> $posts_m
     *
     * @return array{non-empty-list<float>, non-empty-list<float>} Levels at the front and the rear posts, over the first front one
     */
    private static function ground(Terrain $ground, array $posts_m, float $between_m): array
    {
        if ($ground->levels !== [] && count($ground->levels) === count($posts_m)) {
            $first_m = $ground->levels[0]->front->toMetres();

            return [
                array_map(static fn (PostLevel $level): float => $level->front->toMetres() - $first_m, $ground->levels),
                array_map(static fn (PostLevel $level): float => $level->rear->toMetres() - $first_m, $ground->levels),
            ];
        }
        $front = array_map(static fn (float $x_m): float => ($x_m - $posts_m[0]) * tan($ground->along->toRadians()), $posts_m);
        $rear = array_map(static fn (float $level_m): float => $level_m + $between_m * tan($ground->across->toRadians()), $front);

        return [$front, $rear];
    }

    public function area_m2(): float
    {
        return $this->chord_m * $this->width_m;
    }

    /** On the level, from the front pipe to a load that lies on the modules. */
    public function arm_m(float $s_m): float
    {
        return ($s_m - $this->frontPipe_m) * cos($this->tilt_rad) - $this->offset_m * sin($this->tilt_rad);
    }

    /** Mean height over the horizontal extent, of which the figure of open roofs is sure from 0.25 to 1. */
    public function slenderness(): float
    {
        return $this->meanHeight_m / ($this->chord_m * cos($this->tilt_rad));
    }
}
