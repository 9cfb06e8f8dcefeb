<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Ground\LevelGrid;

/** Levels at the posts of a table out of a grid over its field. */
final class LevelsFromGrid
{
    /** A level is told to so much. */
    private const ROUNDED_M = 0.0001;

    /**
     * @return list<array{front_m: float, rear_m: float}> From the left, over the first front post, as a table has them
     *
     * @throws DocumentInvalid where the table has no place in the field, its posts are not in two rows, or one is not on the grid
     */
    public static function of(TablePlan $plan, string $text, string $at): array
    {
        $grid = LevelGrid::read($text, $at);
        $field = $plan->inField() ?? throw DocumentInvalid::at($at, 'a table with its place in the field', 'none: enter where its first stake stands');
        $levels = [];
        foreach ($field->posts as $post => [$east_m, $north_m]) {
            $level_m = $grid->at_m($east_m, $north_m)
                ?? throw DocumentInvalid::at(
                    $at,
                    'levels that reach every post',
                    sprintf('none at post %s, %.2f m east, %.2f m north', $post, $east_m, $north_m),
                );
            $levels[substr($post, 0, -1)][substr($post, -1) === '1' ? 'front_m' : 'rear_m'] = $level_m;
        }
        $told = [];
        $first_m = $levels['A']['front_m'] ?? 0.0;
        foreach ($levels as $level) {
            if (!isset($level['front_m'], $level['rear_m'])) {
                throw DocumentInvalid::at($at, 'a table with posts in two rows', 'one that is set by its slopes');
            }
            $told[] = array_map(
                static fn (float $one_m): float => round(($one_m - $first_m) / self::ROUNDED_M) * self::ROUNDED_M,
                ['front_m' => $level['front_m'], 'rear_m' => $level['rear_m']],
            );
        }

        return $told;
    }
}
