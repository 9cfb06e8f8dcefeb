<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;

/** Derives the because of any value of a plan, on asking, by its path: what was entered, or who explains such values. */
final class Becauses
{
    /** @throws PathUnknown If the plan has no value of that path. */
    public static function of(Plan|TablePlan $plan, string $path): Because
    {
        if (str_starts_with($path, 'design/')) {
            return Inputs::at($plan->design, substr($path, strlen('design')));
        }
        $explain = self::explaining($plan);

        return ($explain[explode('/', $path)[0]] ?? $explain[''] ?? null)?->at($path) ?? throw PathUnknown::named($path);
    }

    /** @return list<string> Every path that a screen or a page may ask for */
    public static function paths(Plan|TablePlan $plan): array
    {
        $paths = [];
        foreach (self::explaining($plan) as $explain) {
            $paths += array_fill_keys($explain->paths(), true);
        }

        return array_keys($paths);
    }

    /** @return array<string, Explains> By how a path begins; under nothing what explains all others */
    private static function explaining(Plan|TablePlan $plan): array
    {
        if ($plan instanceof TablePlan) {
            return ['' => new FigureBecauses($plan->design, $plan->figures, $plan->coefficients)];
        }
        if ($plan->loads === null) {
            return [];
        }
        $figures = new FigureBecauses($plan->design, $plan->loads->figures, $plan->coefficients);
        $of = new Sources($plan, $figures);
        $fastener = new OfFastener($plan, $of);
        $modules = new OfModules($plan, $of);

        return [
            'loads' => $figures, 'lines' => $modules, 'clamp' => $modules, 'modules' => $modules, 'fastener' => $fastener,
            'runs' => new OfRuns($plan, $of, $fastener), 'members' => new OfMembers($plan, $of),
        ];
    }
}
