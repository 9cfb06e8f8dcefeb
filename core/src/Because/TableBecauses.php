<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Plan\TablePlan;

/** The because of any value of the plan of a table, by its path. */
final class TableBecauses
{
    /** @throws PathUnknown If the plan has no value of that path. */
    public static function of(TablePlan $plan, string $path): Because
    {
        if (str_starts_with($path, 'design/')) {
            return Inputs::at($plan->design, substr($path, strlen('design')));
        }

        return (new FigureBecauses($plan->design, $plan->figures, $plan->coefficients))->at($path) ?? throw PathUnknown::named($path);
    }

    /** @return list<string> Every path that a screen or a page may ask for */
    public static function paths(TablePlan $plan): array
    {
        return array_keys($plan->figures->all());
    }
}
