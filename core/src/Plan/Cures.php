<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;

/** What a finding says would mend it, as edits that do so. */
final class Cures
{
    /**
     * @param \Closure(string): string $seen A place as the plan tells it, as the edits are to name it
     *
     * @return list<array{path: string, value: float}|array{block: 'part', of?: string}> None where it names none
     */
    public static function of(Finding $finding, \Closure $seen): array
    {
        $at = $seen($finding->at);
        $part = $finding->values['part'] ?? '';
        if ($finding->code === Code::RunTooLong && is_string($part) && $part !== '') {
            $block = $seen($part);

            return [['block' => 'part'] + ($block === '/block' ? [] : ['of' => basename($block)])];
        }
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
