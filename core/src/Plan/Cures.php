<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Finding\Finding;

/** What a finding says would mend it, as edits that do so. */
final class Cures
{
    /**
     * @param string $at Where the finding stands, as the edits are to name it
     *
     * @return list<array{path: string, value: float}> None where it names none
     */
    public static function of(Finding $finding, string $at): array
    {
        [$cure, $to_m, $gap_m] = [$finding->values['cure'] ?? '', $finding->values['to_m'] ?? null, $finding->values['gap_m'] ?? null];

        return match (true) {
            !is_float($to_m) => [],
            in_array($cure, ['cure.along', 'cure.beside', 'cure.height'], true) => [['path' => $at, 'value' => $to_m]],
            $cure === 'cure.gap' && is_float($gap_m) => [
                ['path' => $at, 'value' => $to_m], ['path' => (string) preg_replace('~/y_m$~', '/row_gap_m', $at), 'value' => $gap_m],
            ],
            default => [],
        };
    }
}
