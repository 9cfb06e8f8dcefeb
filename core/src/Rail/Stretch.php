<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Layout\ModuleSpot;
use Garnetine\Core\Layout\Placement;

/** Neighbouring modules over the same rails, in the directions of these: along them, and beside. */
final readonly class Stretch
{
    /** @param non-empty-list<ModuleSpot> $modules */
    public function __construct(
        /** The row that they are in, of rails up the slope the column. */
        public int $row,
        public array $modules,
        public bool $isUpSlope,
        /** A module along the rails. */
        public float $long_m,
        /** A module from rail to rail. */
        public float $wide_m,
        /** Between two modules. */
        public float $gap_m,
        /** Where each module is clamped on its own, from both of its ends; null where neighbours share a clamp in the gap between them. */
        private ?float $clampAt_m,
    ) {
    }

    /** @return list<self> Rows from the eave up, or columns from the left */
    public static function all(Design $design, Placement $placement): array
    {
        $isUp = $design->block->arrangement->isUpSlope();

        return array_map(static fn (array $stretch): self => new self(
            $stretch[0],
            $stretch[1],
            $isUp,
            $isUp ? $placement->length_m : $placement->width_m,
            $isUp ? $placement->width_m : $placement->length_m,
            ($isUp ? $design->block->rowGap : $design->block->columnGap)->toMetres(),
            $design->clampAt_m(),
        ), $isUp ? $placement->columns() : $placement->stretches());
    }

    /** @return list<self> What one rail goes on under; on feet alone each module by itself */
    public static function each(Design $design, Placement $placement): array
    {
        $all = self::all($design, $placement);

        return $design->block->arrangement->hasRails() ? $all : array_merge(...array_map(static fn (self $stretch): array => array_map(
            static fn (ModuleSpot $module): self => Copy::of($stretch, modules: [$module]),
            $stretch->modules,
        ), $all));
    }

    public function first(): ModuleSpot
    {
        return $this->modules[0];
    }

    public function last(): ModuleSpot
    {
        return $this->modules[count($this->modules) - 1];
    }

    /** Where a module begins along the rails. */
    public function from_m(ModuleSpot $module): float
    {
        return $this->isUpSlope ? $module->y_m : $module->x_m;
    }

    /** Where a module begins beside them. */
    public function beside_m(ModuleSpot $module): float
    {
        return $this->isUpSlope ? $module->x_m : $module->y_m;
    }

    /** @return array{int, int} The clamps of a module, by its place */
    public function clampsOf(int $module): array
    {
        return $this->clampAt_m === null ? [$module, $module + 1] : [2 * $module, 2 * $module + 1];
    }

    /** @return list<float> The middles of clamps: at the outer edges, and in the middle of each gap */
    public function clamps_m(): array
    {
        if ($this->clampAt_m !== null) {
            $each = array_map(
                fn (ModuleSpot $module): array => [$this->from_m($module) + $this->clampAt_m, $this->from_m($module) + $this->long_m - $this->clampAt_m],
                $this->modules,
            );

            return array_merge(...$each);
        }
        $clamps_m = [$this->from_m($this->first())];
        foreach (array_slice($this->modules, 1) as $module) {
            $clamps_m[] = $this->from_m($module) - $this->gap_m / 2;
        }
        $clamps_m[] = $this->from_m($this->last()) + $this->long_m;

        return $clamps_m;
    }
}
