<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\Expansion;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\UnitSystem;

/** A block whose rails are longer than their maker allows, in as few as have none that is, as even as can be, with room between their rails for heat. */
final class Parting
{
    /**
     * @return list<Block> From the left, of rails up the slope from the eave; the first stays where it is, and no foot is decided
     *
     * @throws DocumentInvalid where nothing is too long, or one module is
     */
    public static function of(Design $design): array
    {
        $parts = self::parts($design);
        if ($parts === 1 || $parts === null) {
            $longest_m = $design->kit->rail->longestRun?->toMetres();

            throw DocumentInvalid::at(
                '/kit/rail/longest_run_m',
                'less than the rail of a block and more than that of one module',
                $longest_m === null ? 'none' : round($longest_m, 4).' m',
            );
        }
        $block = $design->block;
        $isUp = $block->arrangement->isUpSlope();
        $modules = $isUp ? $block->rows : $block->columns;
        $long = static fn (int $count): Length => self::long($design, $count);
        $blocks = [];
        [$x, $y] = [$block->x, $block->y];
        for ($part = 0; $part < $parts; ++$part) {
            [$from, $to] = [(int) ceil($modules * $part / $parts), (int) ceil($modules * ($part + 1) / $parts)];
            $blocks[] = self::slice($block, $from, $to, $x, $y);
            $next = (int) ceil($modules * ($part + 2) / $parts) - $to;
            $step = self::step($design, $long($to - $from), $long(max(1, $next)));
            [$x, $y] = $isUp ? [$x, $y->plus($step)] : [$x->plus($step), $y];
        }

        return $blocks;
    }

    /** How many it has to become; null where the rail of one module is too long. */
    public static function parts(Design $design): ?int
    {
        $modules = $design->block->arrangement->isUpSlope() ? $design->block->rows : $design->block->columns;
        $longest_m = $design->kit->rail->longestRun?->toMetres() ?? INF;
        for ($parts = 1; $parts <= $modules; ++$parts) {
            if (self::long($design, (int) ceil($modules / $parts))->toMetres() <= $longest_m + 1e-9) {
                return $parts;
            }
        }

        return null;
    }

    /** The rail under so many modules, from end to end. */
    private static function long(Design $design, int $modules): Length
    {
        return self::over($design, $modules)->plus($design->block->arrangement->past($design->kit->rail)->times(2));
    }

    private static function over(Design $design, int $modules): Length
    {
        [$module, $gap] = $design->block->arrangement->isUpSlope() ? [$design->moduleUp(), $design->block->rowGap] : [
            $design->moduleAcross(), $design->block->columnGap,
        ];

        return $module->times($modules)->plus($gap->times($modules - 1));
    }

    /** From one part to where the next begins: so that their rails have their gap, and the modules no less than theirs; up to a mark of the tape. */
    private static function step(Design $design, Length $one, Length $other): Length
    {
        $past = $design->block->arrangement->past($design->kit->rail)->times(2);
        $gap = $design->block->arrangement->isUpSlope() ? $design->block->rowGap : $design->block->columnGap;
        $apart_m = max($gap->toMetres(), $past->plus(Expansion::apart($one, $other, $design->units))->toMetres());
        $mark_m = $design->units === UnitSystem::Us ? Length::ofInches(1 / 8)->toMetres() : 0.001;

        return Length::ofMetres(ceil(($one->toMetres() - $past->toMetres() + $apart_m) / $mark_m - 1e-6) * $mark_m);
    }

    private static function slice(Block $block, int $from, int $to, Length $x, Length $y): Block
    {
        $isUp = $block->arrangement->isUpSlope();
        $out = [];
        foreach ($block->leftOut as $cell) {
            $at = $isUp ? $cell->row : $cell->column;
            if ($at > $from && $at <= $to) {
                $out[] = $isUp ? new Cell($cell->row - $from, $cell->column) : new Cell($cell->row, $cell->column - $from);
            }
        }

        return Copy::of($block->at($x, $y, $out), ...($isUp ? ['rows' => $to - $from] : ['columns' => $to - $from]));
    }
}
