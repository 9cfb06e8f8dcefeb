<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Racking\BallastFrames;
use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Design\Ground\Racking\PileTable;
use Garnetine\Core\Design\Ground\Racking\PipeTable;
use Garnetine\Core\Design\Ground\Racking\Pole;
use Garnetine\Core\Design\Ground\Racking\SinglePost;
use Garnetine\Core\Design\Ground\Racking\SpikeFrames;
use Garnetine\Core\Design\Ground\Racking\TimberTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\Ballast\BallastFramesKind;
use Garnetine\Core\Ground\PileRow\PileRowKind;
use Garnetine\Core\Ground\Piles\PileTableKind;
use Garnetine\Core\Ground\PipeTable\PipeTableKind;
use Garnetine\Core\Ground\Pole\PoleKind;
use Garnetine\Core\Ground\SinglePost\SinglePostKind;
use Garnetine\Core\Ground\Spikes\SpikeFramesKind;
use Garnetine\Core\Ground\TimberTable\TimberTableKind;
use Garnetine\Core\Load\Coefficients;

/** What plans each kind of table. */
final class TableKinds
{
    /** @var array<class-string, \Closure(TableDesign, Coefficients): TableKind> */
    private static array $added = [];

    public static function of(TableDesign $design, Coefficients $coefficients): TableKind
    {
        $racking = $design->table->racking;

        return match (true) {
            $racking instanceof PipeTable => new PipeTableKind($design, $racking, $coefficients),
            $racking instanceof TimberTable => new TimberTableKind($design, $racking, $coefficients),
            $racking instanceof PileTable => new PileTableKind($design, $racking, $coefficients),
            $racking instanceof PileRow => new PileRowKind($design, $racking, $coefficients),
            $racking instanceof SinglePost => new SinglePostKind($design, $racking, $coefficients),
            $racking instanceof SpikeFrames => new SpikeFramesKind($design, $racking),
            $racking instanceof BallastFrames => new BallastFramesKind($design, $racking, $coefficients),
            $racking instanceof Pole => new PoleKind($design, $racking, $coefficients),
            isset(self::$added[$racking::class]) => self::$added[$racking::class]($design, $coefficients),
            default => throw new \LogicException('Nothing plans '.$racking::class.'.'),
        };
    }

    /**
     * A kind from elsewhere, for as long as this process runs.
     *
     * @param class-string $racking
     * @param \Closure(TableDesign, Coefficients): TableKind $kind
     */
    public static function add(string $racking, \Closure $kind): void
    {
        self::$added[$racking] = $kind;
    }
}
