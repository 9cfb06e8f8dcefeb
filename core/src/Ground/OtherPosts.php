<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Design\Ground\Racking\PileTable;
use Garnetine\Core\Design\Ground\Racking\PipeTable;
use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Design\Ground\Racking\TimberTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\UnitSystem;

/** The same table on other numbers of posts along the row, in equal bays, and in other holes. */
final class OtherPosts
{
    private const MOST_POSTS = 8;

    /**
     * @param \Closure(int): Racking $on The racking on so many posts along the row
     *
     * @return list<TableDesign> Fewest first, in the hole that is planned, then in wider ones
     */
    public static function of(TableDesign $design, \Closure $on, int $fewest = 2): array
    {
        $others = [];
        $levels = count($design->table->ground->levels);
        foreach (self::holes_m($design) as $hole_m) {
            for ($posts = $fewest; $posts <= self::MOST_POSTS; ++$posts) {
                $others[] = $design->on(Copy::of(
                    $design->table,
                    racking: $on($posts),
                    ground: $levels === $posts ? $design->table->ground : Copy::of($design->table->ground, levels: []),
                    footing: Copy::of($design->table->footing, hole: Length::ofMetres($hole_m)),
                ));
            }
        }

        return $others;
    }

    /** @return list<TableDesign> The same posts under other overhangs, in steps of an inch or 25 mm; none where there is no overhang to vary */
    public static function overhangs(TableDesign $design): array
    {
        $racking = $design->table->racking;
        if (!$racking instanceof PipeTable && !$racking instanceof TimberTable && !$racking instanceof PileTable && !$racking instanceof PileRow) {
            return [];
        }
        $step_m = $design->units === UnitSystem::Us ? 0.0254 : 0.025;
        // So that half a metre of bay is left, and no further than may be entered.
        $most_m = min(3.0, (TableFace::widthOf_m($design) - 0.5 * ($racking->posts - 1)) / 2);
        $others = [];
        for ($step = 0; $step * $step_m <= $most_m + 1e-9; ++$step) {
            $others[] = $design->on(Copy::of($design->table, racking: Copy::of($racking, endOverhang: Length::ofMetres($step * $step_m))));
        }

        return $others;
    }

    /** @return list<float> That which is planned, and two wider ones */
    public static function holes_m(TableDesign $design): array
    {
        $hole_m = $design->table->footing->hole->toMetres();
        $wider_m = $design->units === UnitSystem::Us ? 4 * 0.0254 : 0.1;

        return [$hole_m, $hole_m + $wider_m, $hole_m + 2 * $wider_m];
    }
}
