<?php

declare(strict_types=1);

namespace Garnetine\Core\Under;

use Garnetine\Core\Design\Block\UnderModules;
use Garnetine\Core\Layout\Placement;

/** Modules of a row in the fewest strings, as even as they can be; how they are wired stays with the electrician. */
final class Strings
{
    /**
     * Rows from the eave up; columns of the first and the last module
     *
     * @return list<array{block: int, row: int, string: int, from: int, to: int, modules: int}>
     */
    public static function of(UnderModules $under, int $block, Placement $placement): array
    {
        $strings = [];
        foreach ($under->stringMost === null ? [] : $placement->rows as $row => $spots) {
            $columns = array_keys($spots);
            $parts = (int) ceil(count($columns) / $under->stringMost);
            for ($part = 0; $part < $parts; ++$part) {
                $from = (int) ceil(count($columns) * $part / $parts);
                $to = (int) ceil(count($columns) * ($part + 1) / $parts);
                $strings[] = [
                    'block' => $block, 'row' => $row, 'string' => $part + 1, 'from' => $columns[$from], 'to' => $columns[$to - 1],
                    'modules' => $to - $from,
                ];
            }
        }

        return $strings;
    }
}
