<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\PileRow;

use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Ground\Field\PostLevel;
use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Kit\ModuleSide;
use Garnetine\Core\Ground\TableFace;

/** Where everything of a table on one row of piles stands, in metres: x along the row from the left, seen from the low edge; s up the slope from there. */
final readonly class RowShape extends TableFace
{
    /**
     * @param non-empty-list<float> $posts_m Along the row
     * @param non-empty-list<float> $ground_m At each pile, over that at the first
     * @param non-empty-list<float> $heights_m Of each head over its ground
     * @param list<float> $held_m Along the row: where modules are clamped to the purlins
     * @param non-empty-list<array{float, float}> $purlins_m Up the slope, of the two under each row of modules
     */
    private function __construct(
        float $tilt_rad,
        float $chord_m,
        float $width_m,
        float $lowEdge_m,
        float $meanHeight_m,
        float $purlinAt_m,
        ModuleSide $heldOn,
        public array $posts_m,
        public array $ground_m,
        public array $heights_m,
        public array $held_m,
        public array $purlins_m,
        /** On the level, from the low edge to the piles. */
        public float $rowAt_m,
    ) {
        parent::__construct($tilt_rad, $chord_m, $width_m, $lowEdge_m, $meanHeight_m, count($posts_m) - 1, $purlinAt_m, $heldOn);
    }

    public static function of(TableDesign $design, PileRow $row): self
    {
        [$tilt_rad, $chord_m, $width_m] = [$design->table->tilt()->toRadians(), self::chordOf_m($design), self::widthOf_m($design)];
        [$head_m, $offset_m] = [$row->headHeight->toMetres(), $row->offset->toMetres()];
        $posts_m = self::postsOf_m($design, max(2, $row->posts), $row->endOverhang, $row->bay);
        $ground_m = self::ground_m($design, $posts_m);
        $middle_m = $head_m + $offset_m * cos($tilt_rad);
        $pitch_m = $design->moduleUp()->toMetres() + $design->table->rowGap->toMetres();
        $purlins_m = array_map(static fn (int $one): array => [
            $one * $pitch_m + $row->purlinAt->toMetres(), $one * $pitch_m + $design->moduleUp()->toMetres() - $row->purlinAt->toMetres(),
        ], range(0, $design->table->rows - 1));
        $rise_m = $chord_m / 2 * cos($tilt_rad) * tan($design->table->ground->across->toRadians());

        return new self(
            $tilt_rad,
            $chord_m,
            $width_m,
            $middle_m - $chord_m / 2 * sin($tilt_rad) + $rise_m,
            $middle_m + max($ground_m) - min($ground_m),
            $row->purlinAt->toMetres(),
            $design->table->orientation === Orientation::Portrait ? ModuleSide::Long : ModuleSide::Short,
            $posts_m,
            $ground_m,
            array_map(static fn (float $one_m): float => $head_m + max($ground_m) - $one_m, $ground_m),
            self::sides_m($design),
            $purlins_m,
            $chord_m / 2 * cos($tilt_rad) + $offset_m * sin($tilt_rad),
        );
    }

    /**
     * @param non-empty-list<float> $posts_m
     *
     * @return non-empty-list<float>
     */
    private static function ground_m(TableDesign $design, array $posts_m): array
    {
        $ground = $design->table->ground;
        if ($ground->levels !== [] && count($ground->levels) === count($posts_m)) {
            $first_m = $ground->levels[0]->front->toMetres();

            return array_map(static fn (PostLevel $level): float => $level->front->toMetres() - $first_m, $ground->levels);
        }

        return array_map(static fn (float $x_m): float => ($x_m - $posts_m[0]) * tan($ground->along->toRadians()), $posts_m);
    }

    /** @return list<float> Both sides of every column of modules */
    private static function sides_m(TableDesign $design): array
    {
        [$across_m, $sides_m] = [$design->moduleAcross()->toMetres(), []];
        for ($column = 0; $column < $design->table->columns; ++$column) {
            $left_m = $column * ($across_m + $design->table->columnGap->toMetres());
            array_push($sides_m, $left_m, $left_m + $across_m);
        }

        return $sides_m;
    }

    /**
     * What presses on each purlin, per metre of row, under one pressure below the middle and another above it.
     *
     * @return list<array{float, float}> How far up the slope it lies, and newtons per metre
     */
    public function onPurlins(float $lower_Pa, float $upper_Pa): array
    {
        $on = [];
        foreach ($this->purlins_m as $row => [$first_m, $second_m]) {
            // From the lower to the upper edge of the modules of this row.
            [$from_m, $to_m] = [$first_m - $this->railAt_m, $second_m + $this->railAt_m];
            $middle_m = min(max($this->chord_m / 2, $from_m), $to_m);
            [$below_N, $above_N] = [$lower_Pa * ($middle_m - $from_m), $upper_Pa * ($to_m - $middle_m)];
            $turn = $below_N * (($from_m + $middle_m) / 2 - $first_m) + $above_N * (($middle_m + $to_m) / 2 - $first_m);
            $second_N = $turn / ($second_m - $first_m);
            array_push($on, [$first_m, $below_N + $above_N - $second_N], [$second_m, $second_N]);
        }

        return $on;
    }

    /** @return array{float, float} How a strut is bent over its head, per metre of row: by its purlins above or those below, the greater, and what shears it */
    public function strut(float $lower_Pa, float $upper_Pa): array
    {
        [$moments_Nm, $shears_N] = [[0.0, 0.0], [0.0, 0.0]];
        foreach ($this->onPurlins($lower_Pa, $upper_Pa) as [$s_m, $load_N]) {
            $side = $s_m > $this->chord_m / 2 ? 1 : 0;
            $moments_Nm[$side] += $load_N * abs($s_m - $this->chord_m / 2);
            $shears_N[$side] += $load_N;
        }

        return [max(array_map('abs', $moments_Nm)), max(array_map('abs', $shears_N))];
    }
}
