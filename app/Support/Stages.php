<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Plan\Finding;
use Garnetine\Core\Plan\FindingKind;
use Garnetine\Core\Plan\Plan;

/** The stages of the work, in order, and which of them a finding belongs to. */
final class Stages
{
    public const KEYS = ['site', 'surface', 'modules', 'loads', 'attachments', 'rails', 'holes', 'handover'];

    private const TITLES = [
        'site' => 'Site', 'surface' => 'Surface', 'modules' => 'Modules', 'loads' => 'Loads', 'attachments' => 'Attachments',
        'rails' => 'Rails', 'holes' => 'Holes', 'handover' => 'Hand-over',
    ];

    private const BY_CODE = [
        'run_fails' => 'attachments', 'run_not_found' => 'attachments', 'members_miss_run' => 'attachments', 'member_share' => 'attachments',
        'feet_over_bound' => 'attachments', 'stagger_partly' => 'attachments', 'layout_side_unknown' => 'surface',
        'run_too_long' => 'rails', 'rail_end_short' => 'rails', 'line_tight' => 'rails', 'plate_below_butt' => 'holes', 'cover_short' => 'holes', 'plate_in_nails' => 'holes',
        'makers_cover_missing' => 'holes', 'line_in_lap' => 'modules', 'one_area_for_gcp' => 'loads', 'floor_on_panels' => 'loads', 'kh_floor' => 'loads',
        'partial_snow' => 'loads', 'structure_screen_only' => 'handover', 'clamp_fails' => 'modules', 'clamp_slips' => 'modules', 'no_equalisation' => 'loads', 'en_recommended' => 'loads', 'en_winds' => 'loads', 'as_nzs_direction' => 'loads', 'rafter_screen' => 'handover', 'rafter_screen_fails' => 'surface', 'ridge_reading_severe' => 'loads', 'ridge_reading_mild' => 'loads',
    ];

    public static function of(Finding $finding): string
    {
        if (isset(self::BY_CODE[$finding->code])) {
            return self::BY_CODE[$finding->code];
        }

        return match (true) {
            str_starts_with($finding->at, '/site') => 'site',
            str_starts_with($finding->at, '/given') => 'loads',
            str_starts_with($finding->at, '/surface') => 'surface',
            str_starts_with($finding->at, '/block'), str_starts_with($finding->at, '/module') => 'modules',
            str_starts_with($finding->at, '/kit/rail') => 'rails',
            default => 'attachments',
        };
    }

    /** @return list<array{key: string, number: int, title: string, state: string, tone: string}> */
    public static function states(Plan $plan): array
    {
        $stops = $refusals = [];
        foreach ($plan->findings as $finding) {
            $stage = self::of($finding);
            if ($finding->kind === FindingKind::Refusal) {
                $refusals[$stage] = true;
            } elseif ($finding->kind === FindingKind::Stop && $finding->clearedBy === null) {
                $stops[$stage] = ($stops[$stage] ?? 0) + 1;
            }
        }
        $states = [];
        foreach (self::KEYS as $index => $key) {
            [$state, $tone] = self::state($plan, $key, isset($refusals[$key]), $stops[$key] ?? 0);
            $states[] = ['key' => $key, 'number' => $index + 1, 'title' => self::TITLES[$key], 'state' => $state, 'tone' => $tone];
        }

        return $states;
    }

    /** @return array{string, string} */
    private static function state(Plan $plan, string $key, bool $refused, int $stops): array
    {
        if ($key === 'handover') {
            $open = count($plan->openStops());

            return match (true) {
                $plan->hasRefusal() => ['refused', 'fails'],
                $open > 0 => [Standing::stops($open), 'fails'],
                default => $plan->status()->value === 'confirmed' ? ['holds', 'holds'] : ['drafted', 'plain'],
            };
        }

        return match (true) {
            $refused => ['refused', 'fails'],
            $stops > 0 => [Standing::stops($stops), 'fails'],
            ($plan->loads === null && $key === 'loads') || ($plan->supports === [] && in_array($key, ['attachments', 'rails', 'holes'], true)) => ['empty', 'plain'],
            self::leastShown($plan, $key) < 0.10 => ['tight', 'tight'],
            default => ['holds', 'holds'],
        };
    }

    /** The least reserve that a stage shows in its own table. */
    private static function leastShown(Plan $plan, string $key): float
    {
        $reserves = match ($key) {
            'modules' => [...array_map(static fn ($module): float => 1 - ($module->ratio() ?? 0.0), $plan->modules), 1 - ($plan->clamp?->ratio() ?? 0.0)],
            'rails' => array_map(static fn ($run): float => min($run->verdict()?->rail?->reserve() ?? 1.0, $run->verdict()?->splice?->reserve() ?? 1.0), $plan->supports),
            'attachments' => array_map(static fn ($run): float => $run->verdict() === null ? 1.0 : $run->check->capacities->placing->reserve($run->verdict()->worst), $plan->supports),
            default => [],
        };

        return min([1.0, ...$reserves]);
    }
}
