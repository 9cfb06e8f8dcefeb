<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;

/**
 * Values read in own copies, beside the recalled ones.
 *
 * @phpstan-import-type OfDesign from DeskView
 *
 * @phpstan-type OwnCopyInfo array{
 *     id: string,
 *     title: string,
 *     value: string,
 *     recalled: string,
 *     document: string,
 *     clause: string,
 *     name: string,
 *     on: string,
 * }
 */
final class OwnCopyView
{
    /**
     * @param list<OwnCopy> $copies
     *
     * @return list<OwnCopyInfo>
     */
    public static function all(array $copies, Texts $texts): array
    {
        $number = static fn (?float $value): string => $value === null ? '' : rtrim(rtrim(sprintf('%.6F', $value), '0'), '.');

        return array_map(static fn (OwnCopy $copy): array => [
            'id' => $copy->coefficient, 'title' => $texts->coefficient($copy->coefficient), 'value' => $number($copy->value),
            'recalled' => $number(Coefficients::ofId($copy->coefficient)?->value), 'document' => $copy->document, 'clause' => $copy->clause,
            'name' => $copy->name, 'on' => $copy->on,
        ], $copies);
    }

    /**
     * Values that the plan is refused for until they are read in an own copy.
     *
     * @return OfDesign['own_missing']
     */
    public static function missing(Plan|TablePlan $plan, Texts $texts): array
    {
        return array_map(static fn (string $id): array => ['id' => $id, 'name' => $texts->coefficient($id)], $plan->missing());
    }
}
