<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\PipeTable\PipeTableKind;
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
