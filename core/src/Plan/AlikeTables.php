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

    /** @param \Closure(): TableStand $worked */
    public function stand(TableDesign $design, \Closure $worked): TableStand
    {
        $table = Copy::of($design->table, name: 'any', place: null);
        $key = hash('sha256', CanonicalJson::encode(array_map(Writer::toArray(...), [$table, $design->module, $design->site, ...$design->ownCopies])).$design->units->value);

        return $this->stands[$key] ??= $worked();
    }
}
