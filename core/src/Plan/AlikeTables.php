<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Ground\TableStand;

/** How tables of one field stand: worked out once for those that differ by their names and places alone. */
final class AlikeTables
{
    /** @var array<string, TableStand> */
    private array $stands = [];

    /** @var array<string, list<TableWay>> */
    private array $ways = [];

    /** @param \Closure(): TableStand $worked */
    public function stand(TableDesign $design, \Closure $worked): TableStand
    {
        return $this->stands[self::key($design)] ??= $worked();
    }

    /**
     * What else would stand.
     *
     * @param \Closure(): list<TableWay> $worked
     *
     * @return list<TableWay>
     */
    public function ways(TableDesign $design, \Closure $worked): array
    {
        return $this->ways[self::key($design)] ??= $worked();
    }

    private static function key(TableDesign $design): string
    {
        $table = Copy::of($design->table, name: 'any', place: $design->site->soils === [] ? null : $design->table->place);

        $parts = [$table, $design->module, $design->site, ...$design->ownCopies];

        return hash('sha256', CanonicalJson::encode(array_map(Writer::toArray(...), $parts)).$design->units->value);
    }
}
