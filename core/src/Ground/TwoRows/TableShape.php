<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

use Garnetine\Core\Design\Ground\Field\PostLevel;
use Garnetine\Core\Design\Ground\Field\Terrain;
use Garnetine\Core\Design\Ground\Racking\TwoRowSizes;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\TableFace;

/**
 * Where everything of a table on two rows of posts stands, in metres: x along the row from the left, seen from the low edge; y on the level and z up from
 * there; s up the slope from the low edge. Ground is told over the first front post.
 */
final readonly class TableShape extends TableFace
{
    /**
     * @param non-empty-list<float> $posts_m Along the row
     * @param list<float> $rails_m Along the row: two under each column of modules
     * @param non-empty-list<float> $front_m Heights of the front beam's centre over the ground at each post
     * @param non-empty-list<float> $rear_m
     * @param non-empty-list<float> $frontGround_m
     * @param non-empty-list<float> $rearGround_m
     */
    private function __construct(
        float $tilt_rad,
        float $chord_m,
        float $width_m,
        /** Of the front beam, up the slope. */
        public float $frontPipe_m,
        public float $rearPipe_m,
        /** Between the beams, on the level and up. */
        public float $between_m,
        public float $rise_m,
        public float $offset_m,
        public array $posts_m,
        public array $rails_m,
        float $railAt_m,
        public array $front_m,
        public array $rear_m,
        public array $frontGround_m,
        public array $rearGround_m,
        float $lowEdge_m,
        float $meanHeight_m,
    ) {
        parent::__construct($tilt_rad, $chord_m, $width_m, $lowEdge_m, $meanHeight_m, count($posts_m) - 1, $railAt_m);
    }

    public static function of(TableDesign $design, TwoRowSizes $sizes): self
    {
        $tilt = $design->table->tilt()->toRadians();
        [$chord_m, $width_m] = [self::chordOf_m($design), self::widthOf_m($design)];
        $posts_m = self::postsOf_m($design, max(2, $sizes->posts), $sizes->endOverhang, $sizes->bay);
        [$front, $rear] = self::ground($design->table->ground, $posts_m, $sizes->between->toMetres());
        $rise_m = $sizes->between->toMetres() * tan($tilt);
        $pipe_m = max($front) + $sizes->frontHeight->toMetres();
        $lowEdge_m = $sizes->frontHeight->toMetres() - $sizes->front->toMetres() * sin($tilt) + $sizes->offset->toMetres() * cos($tilt);

        return new self(
            $tilt,
            $chord_m,
            $width_m,
            $sizes->front->toMetres(),
            $sizes->front->toMetres() + $sizes->between->toMetres() / cos($tilt),
            $sizes->between->toMetres(),
            $rise_m,
            $sizes->offset->toMetres(),
            $posts_m,
            self::railsOf_m($design),
            self::railAtOf_m($design),
            array_map(static fn (float $ground_m): float => $pipe_m - $ground_m, $front),
            array_map(static fn (float $ground_m): float => $pipe_m + $rise_m - $ground_m, $rear),
            $front,
            $rear,
            $lowEdge_m,
            max($front) + $lowEdge_m + $chord_m / 2 * sin($tilt) - min([...$front, ...$rear]),
        );
    }

    /**
     * @param non-empty-list<float> $posts_m
     *
     * @return array{non-empty-list<float>, non-empty-list<float>} Levels at the front and the rear posts, over the first front one
     */
    public static function ground(Terrain $ground, array $posts_m, float $between_m): array
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

    /** On the level, from the front beam to a load that lies on the modules. */
    public function arm_m(float $s_m): float
    {
        return ($s_m - $this->frontPipe_m) * cos($this->tilt_rad) - $this->offset_m * sin($this->tilt_rad);
    }

    /** On the level, from the low edge to the front beam. */
    public function frontAt_m(): float
    {
        return $this->frontPipe_m * cos($this->tilt_rad) + $this->offset_m * sin($this->tilt_rad);
    }
}
