<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Moment;

/** What a joint bears as its document says: asked for where it is missing, held against what acts on it where it is known. */
final class Holding
{
    /** @return list<Finding> */
    public static function missing(Force|Moment|null $known, string $at): array
    {
        return $known === null ? [Finding::of(Code::TableHoldMissing, $at, ['part' => $at])] : [];
    }

    /** @return list<TableCheck> */
    public static function force(string $what, string $place, float $demand_N, ?Force $bears, ?TableCase $case, string $at): array
    {
        return $bears === null ? [] : [TableCheck::of($what, $place, $demand_N, $bears->toSi(), 'N', $case, $at)];
    }

    /** @return list<TableCheck> */
    public static function moment(string $what, string $place, float $demand_Nm, ?Moment $bears, ?TableCase $case, string $at): array
    {
        return $bears === null ? [] : [TableCheck::of($what, $place, $demand_Nm, $bears->toSi(), 'Nm', $case, $at)];
    }
}
