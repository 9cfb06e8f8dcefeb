<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Told;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Fastener\StructuralScrew;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Tests\Support\ElementBeam;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\Spoken;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Walks all that is told of a plan: each number in a sentence is the value's, and each value the plan's, or what a law of its own gives. */
final class WalkTest extends TestCase
{
    /** Places of the sections of the plan's document by path, and values of a because that stand there by another name. */
    private const SAME = [
        'foot' => ['ratio' => 'link.ratio', 'value' => 'link.reserve', 'demand_N' => 'link.demand_N', 'capacity_N' => 'link.capacity_N', 'cd' => 'link.duration_factor'],
        'lag_tension' => ['value_N' => 'foot.tension_N', 'up_N' => 'foot.up_N', 'along_N' => 'foot.along_N'],
        'uplift' => ['tributary_m' => 'foot.tributary_m', 'width_m' => 'run.tributary_m'],
        'uplift_on_leg' => ['tributary_m' => 'foot.tributary_m', 'width_m' => 'run.tributary_m'],
        'uplift_at_edge' => ['tributary_m' => 'foot.tributary_m', 'width_m' => 'run.tributary_m'],
        'rail_bending' => ['value' => 'run.rail.reserve', 'ratio' => 'run.rail.ratio', 'at_m' => 'run.rail.x_m', 'normal_Nm' => 'run.rail.capacity_normal_Nm', 'along_Nm' => 'run.rail.capacity_along_Nm'],
        'rail_bending_up' => ['value' => 'run.rail.reserve', 'ratio' => 'run.rail.ratio', 'at_m' => 'run.rail.y_m', 'normal_Nm' => 'run.rail.capacity_normal_Nm'],
        'lag_tension_turned' => ['value_N' => 'foot.tension_N', 'up_N' => 'foot.up_N', 'along_N' => 'foot.along_N'],
        'push_shared' => ['value_N' => 'foot.along_N'],
        'in_line' => ['value_m' => 'run.in_line_m'],
        'clamp' => ['up_N' => 'plan.clamp.up.demand_N', 'along_N' => 'plan.clamp.along.demand_N', 'area_m2' => 'plan.clamp.up.area_m2'],
        'member_share' => ['load_N' => 'member.load_N', 'times' => 'member.times', 'value' => 'member.ratio', 'limit' => 'plan.members.limit'],
        'purlin_share' => ['load_N' => 'purlin.load_N', 'times' => 'purlin.times', 'value' => 'purlin.ratio', 'limit' => 'plan.members.limit'],
        'module' => ['up_Pa' => 'module.net_up', 'down_Pa' => 'module.net_down', 'rated_up_Pa' => 'module.rated_up_Pa', 'rated_down_Pa' => 'module.rated_down_Pa', 'value' => 'module.reserve'],
        'lag_thread' => ['value_m' => 'plan.fastener.thread_in_member_m', 'above_m' => 'plan.fastener.above_m', 'shank_m' => 'plan.fastener.shank_m'],
        'lag_withdrawal' => ['value_N' => 'plan.fastener.withdrawal_N', 'g' => 'plan.fastener.g', 'thread_m' => 'plan.fastener.thread_in_member_m'],
        'lateral_gap' => ['value_N' => 'plan.fastener.lateral_N', 'gap_m' => 'plan.fastener.gap_m'],
        'window' => ['value_m' => 'plan.window_m', 'in_member_m' => 'plan.fastener.in_member_m', 'thread_m' => 'plan.fastener.thread_in_member_m'],
    ];

    /** @var array<string, string>|null */
    private static ?array $templates = null;
    private Plan $plan;
    /** @var array<string, mixed> */
    private array $document;
    /** @var array<string, list<float>> All numbers of plan and design by the unit of their key */
    private array $leaves;

    #[DataProviderExternal(ToldTest::class, 'roofs')]
    public function test_each_number_told_is_the_plans(string $name, Scenario $roof): void
    {
        $this->plan = ToldTest::plan($name, $roof);
        $this->document = PlanDocument::surface($this->plan);
        $this->leaves = [];
        $this->gather($this->document + ['design' => Writer::toArray($this->plan->design)], '');
        $becauses = 0;
        foreach (Becauses::paths($this->plan) as $path) {
            $becauses += $this->because(Becauses::of($this->plan, $path), $path);
        }
        self::assertSame($this->plan->loads === null, $becauses === 0);
        $texts = Texts::of($this->plan->design);
        foreach ($this->plan->findings as $finding) {
            $this->sentence('finding.'.$finding->code->value, $finding->values, $texts->finding($finding));
        }
        foreach ($this->plan->steps->steps ?? [] as $step) {
            $this->sentence('step.'.$step['code'], $step['values'], $texts->say('step.'.$step['code'], $step['values']));
        }
    }

    private function because(Because $because, string $path): int
    {
        $texts = Texts::of($this->plan->design);
        if ($because->code !== 'coefficient') {
            $this->sentence('because.'.$because->code, $because->values, $texts->title($because));
            $this->sentence('formula.'.$because->code, $because->values, $texts->formula($because));
        }
        foreach ($because->values as $name => $value) {
            if (is_float($value)) {
                $same = self::SAME[$because->code][$name] ?? null;
                $allowed = $same === null ? $this->law($because, $name, $path) : [$this->at($same, $path, $because)];
                $allowed = array_filter($allowed ?? $this->leaves[Dimension::ofKey($name)->value ?? ''] ?? [], is_numeric(...));
                self::assertNotSame([], array_filter($allowed, static fn (float|int $one): bool => abs($one - $value) <= 1e-9 * max(1.0, abs($value))), "$path: {$because->code} $name is $value, not ".implode(', ', array_slice($allowed, 0, 5)));
            }
        }

        return 1 + array_sum(array_map(fn (Because $child): int => $this->because($child, $path), $because->children));
    }

    /**
     * @param array<mixed> $run
     *
     * @return array<string, float> By equilibrium of a frame whose module is pulled in its middle
     */
    private function onLowerLeg(array $run): array
    {
        $design = $this->plan->design;
        $rows = array_column(array_filter($this->document['runs'], static fn (array $one): bool => $one['row'] === $run['row']), 'offset_m', 'is_upper');
        $upper = ($design->module->length->toMetres() / 2 - $rows[0]) / ($rows[1] - $rows[0]);
        [$sin, $cos, $grip] = [sin($design->block->tiltFromRoof->toRadians()), cos($design->block->tiltFromRoof->toRadians()), $design->kit->clamp->gripsBothRails ? 0.5 : 1.0];

        return ['per_up' => ($cos - $upper / $cos) / (1 - $upper), 'per_along' => $sin / $grip, 'push_per_up' => $sin / (1 - $upper), 'push_per_along' => $cos / $grip];
    }

    /**
     * What a value may be that the plan's document does not hold; null where it must stand there.
     *
     * @return list<float>|null
     */
    private function law(Because $because, string $name, string $path): ?array
    {
        [$values, $design] = [$because->values, $this->plan->design];
        $along = ($this->at('run.way', $path, $because) ?? '') === 'up' ? 'y_m' : 'x_m';
        $xs_m = array_column($this->at('run.attachments', $path, $because) ?? [], $along);
        $foot = (int) (explode('/', $path)[3] ?? 1) + (str_ends_with($path, '/bay') && !str_starts_with($because->code, 'bay') ? 1 : 0);
        $combination = array_column($this->document['loads']['combinations'] ?? [], null, 'code')[(string) ($values['case'] ?? $values['value'] ?? '')] ?? null;
        $run = $this->at('run', $path, $because);
        $brought = $run['module_on_rail'] ?? [];
        $beam = static fn (array $loads): float => (new ElementBeam($xs_m, array_column($run['clamps'], $along), [], []))->under($loads)['reactions'][$foot - 1];
        // Alone, or with one of the kinds of snow or the wind from above besides.
        $withSnow = static fn (float $dead_N, string $which): array => array_map(static fn (float $snow_N): float => $combination['dead'] * $dead_N + $combination['snow'] * $snow_N, [0.0, ...array_column($brought['snow'], $which)]);

        return match ("{$because->code} $name") {
            'suction_panel value' => [$values['gcp'] * $values['gamma_e']],
            'clamp value' => [1 - max($this->document['clamp']['up']['ratio'], $this->document['clamp']['along']['ratio'])],
            'window edge_m' => [$design->kit->fastener instanceof StructuralScrew ? $design->kit->fastener->edge?->toMetres() : 1.5 * $design->kit->fastener->diameter()->toMetres()],
            'window mark_m' => [0.0254 / 16],
            'case_up normal_N' => [$combination['dead'] * $brought['dead_normal_least_N']],
            'case_up along_N', 'case_down along_N' => $withSnow($brought['dead_along_N'], 'along_N'),
            'case_down normal_N' => array_map(static fn (float $force_N): float => $force_N + $combination['wind'] * $brought['wind_down_N'], $withSnow($brought['dead_normal_most_N'], 'normal_N')),
            'in_line bay_m' => [min(array_map(static fn (float $from_m, float $to_m): float => $to_m - $from_m, array_slice($xs_m, 0, -1), array_slice($xs_m, 1)) ?: [0.0])],
            'bay value_m', 'bay_up value_m', 'bay_on_rails value_m' => [$xs_m[$foot] - $xs_m[$foot - 1]],
            'bay_further_holds value_m', 'bay_further_tight value_m', 'bay_further_fails value_m' => [array_column($run['candidates'], $along, 'member')[$values['member']] - $xs_m[$foot - 1]],
            'uplift area_m2', 'uplift_on_leg area_m2', 'uplift_at_edge area_m2' => [$values['tributary_m'] * $values['width_m']],
            'uplift relief_N', 'uplift_on_leg relief_N', 'uplift_at_edge relief_N' => [$combination['dead'] * $brought['dead_normal_least_N'] * $beam(array_column($run['clamps'], 'share'))],
            'uplift value_N', 'uplift_on_leg value_N', 'uplift_at_edge value_N' => [$values['factor'] * array_sum(array_map(static fn (Because $part): float => $part->values['value_Pa'] * $part->values['reached_m2'], $because->children)) - $values['relief_N']],
            'panel_pressure reached_m2' => array_map(static fn (string $figure): float => $beam(array_map(static fn (array $clamp): float => ((array) $clamp['suction_areas_m2'])[$figure], $run['clamps'])), array_keys((array) $run['clamps'][0]['suction_areas_m2'])),
            'panel_pressure area_m2' => [$run['tributary_m'] * $run['attachments'][$foot - 1]['tributary_m']],
            'panel_pressure value_Pa' => array_map(static fn (array $s): float => max($s['least'], $s['small'] + ($s['large'] - $s['small']) * log(max($s['up_to'], min($s['from'], $values['area_m2'])) / $s['up_to']) / log($s['from'] / $s['up_to'])), $this->suctions()),
            'leg_upper per_up' => [1 / cos($design->block->tiltFromRoof->toRadians())],
            'leg_upper per_along', 'leg_upper push_per_up', 'leg_upper push_per_along' => [0.0],
            'leg_lower per_up', 'leg_lower per_along', 'leg_lower push_per_up', 'leg_lower push_per_along' => [$this->onLowerLeg($run)[$name]],
            'purlin_share even_N' => [$values['load_N'] / $values['times']],
            'purlin_share with_Pa' => [$values['value'] * $values['without_Pa']],
            'purlin_share without_Pa' => [$this->without_Pa()],
            'member_share even_N' => [$values['load_N'] / $values['times']],
            'member_share with_Pa' => [$values['value'] * $values['without_Pa']],
            'member_share without_Pa' => [$this->without_Pa()],
            'module area_m2' => [$design->module->width->toMetres() * $design->module->length->toMetres()],
            'lag_withdrawal d_m' => [$design->kit->fastener->diameter()->toMetres()],
            // 875 psi of spruce-pine-fir No. 2; 2 × 6: 1.3 for its depth, 1.15 repeated, 1.15 for snow. NDS 2018, Supplement Table 4A, recalled.
            'rafter_screen fb_Pa' => [875 * 6894.757293],
            'rafter_screen value' => [$values['with_Pa'] * $design->surface->framing->spacing->toMetres() * $values['span_m'] ** 2 / 8 / (0.0381 * 0.1397 ** 2 / 6) / (875 * 6894.757293 * 1.3 * 1.15 * 1.15)],
            'rafter_screen with_Pa' => [$this->withArray_Pa()],
            default => null,
        };
    }

    /** On the level: the roof, and the largest share of array and snow on a member. */
    private function withArray_Pa(): float
    {
        [$surface, $module, $kit] = [$this->plan->design->surface, $this->plan->design->module, $this->plan->design->kit];
        $array_Pa = 9.80665 * (($module->mass->toSi() + $kit->extraMassPerModule->toSi()) / $module->width->toMetres() + 2 * $kit->rail->lineMass->toSi()) / $module->length->toMetres();
        $snow_Pa = max(array_column($this->document['loads']['snow'], 'uniform_nominal_Pa'));

        return ($surface->deadLoad->toPascals() + max(1.0, ...array_filter(array_column($this->document['members']['list'], 'times'))) * ($array_Pa + $snow_Pa * cos($surface->pitch->toRadians()))) / cos($surface->pitch->toRadians());
    }

    /** Roof alone with its live load of 20 psf, less on large areas and steep roofs, or its snow: ASCE/SEI 7-16, §4.8.2; recalled. */
    private function without_Pa(): float
    {
        $surface = $this->plan->design->surface;
        $pitch = $surface->pitch->toRadians();
        $area_ft2 = $surface->framing->spacing->toMetres() * $this->plan->design->site->eaveToRidge->toMetres() / 0.3048 ** 2;
        $live_psf = max(12.0, 20 * max(0.6, min(1.0, 1.2 - 0.001 * $area_ft2)) * max(0.6, min(1.0, 1.2 - 0.6 * tan($pitch))));
        $loads = $this->document['loads'];
        $snow_Pa = array_values(array_filter($loads, static fn (string $key): bool => str_starts_with($key, 'balanced_snow'), ARRAY_FILTER_USE_KEY))[0] * ($loads['standard'] === 'asce7-22' ? 0.7 : 1.0);

        return $surface->deadLoad->toPascals() + cos($pitch) * max($snow_Pa, str_starts_with($loads['standard'], 'asce7') ? $live_psf * 47.88025898 : 0.0);
    }

    /** @return list<array<string, float>> All of the plan, by parts of their keys that name no level */
    private function suctions(): array
    {
        $all = [];
        foreach ($this->document['loads']['suctions'] as $zone) {
            foreach ([$zone['inside'], $zone['exposed']] as $suction) {
                $all[] = array_combine(array_map(static fn (string $key): string => (string) preg_replace('~_(?:\w+_Pa|m2)$~', '', $key), array_keys($suction)), $suction);
            }
        }

        return $all;
    }

    /** What stands in the plan's document under a section and keys, of the run, foot, member or module that a path names. */
    private function at(string $where, string $path, Because $because): mixed
    {
        $parts = explode('/', $path);
        $keys = explode('.', $where);
        $run = array_column(array_merge($this->document['runs'], $this->document['upper_runs'] ?? []), null, 'id')[$because->values['run'] ?? $parts[1] ?? ''] ?? null;
        $number = (int) ($because->values['foot'] ?? (int) ($parts[3] ?? 1) + (end($parts) === 'bay' ? 1 : 0));
        $foot = $run['attachments'][$number - 1] ?? null;
        $section = match (array_shift($keys)) {
            'plan' => $this->document,
            'run' => $run,
            'foot' => $foot,
            'link' => self::worst($foot['links']),
            'member' => array_column($this->document['members']['list'], null, 'number')[(int) ($parts[1] ?? 0)] ?? null,
            'purlin' => array_column($this->document['members']['purlins'], null, 'number')[(int) ($parts[1] ?? 0)] ?? null,
            'module' => array_values(array_filter($this->document['modules'], static fn (array $one): bool => "modules/{$one['row']}/{$one['column']}" === $path))[0] ?? null,
        };
        foreach ($keys as $key) {
            // Pressures name their level in the key.
            $section = $section[$key] ?? array_values(array_filter($section ?? [], static fn (string $name): bool => str_starts_with($name, $key), ARRAY_FILTER_USE_KEY))[0] ?? null;
        }

        return $section;
    }

    /**
     * @param list<array<string, mixed>> $links
     *
     * @return array<string, mixed>
     */
    private static function worst(array $links): array
    {
        usort($links, static fn (array $one, array $other): int => $other['ratio'] <=> $one['ratio']);

        return $links[0];
    }

    /** @param array<string, mixed> $values */
    private function sentence(string $code, array $values, string $text): void
    {
        self::$templates ??= (require dirname(__DIR__, 2).'/messages/en.php');
        $template = str_replace(['[member]', '[members]'], [$texts = Texts::of($this->plan->design)->stand(), $texts.'s'], self::$templates[$code] ?? '');
        $template .= is_string($values['cure'] ?? null) ? ' '.(self::$templates[$values['cure']] ?? '') : '';
        if ($text === '' || !str_contains($template, '{')) {
            return;
        }
        $blanks = Spoken::blanks($template, $text) ?? self::fail("$code is told as another sentence: $text");
        foreach ($values as $name => $value) {
            $dimension = Dimension::ofKey($name);
            $said = $blanks[$dimension === null ? $name : rtrim(substr($name, 0, -strlen($dimension->value)), '_')] ?? null;
            if ($said === null || !is_numeric($value) || is_string($value)) {
                continue;
            }
            [$heard, $off] = $dimension === null ? [(float) strtr($said, ['−' => '-']), is_int($value) ? 0.0 : 0.0005001] : Spoken::read($dimension, $said) ?? self::fail("$code says $said for $name");
            self::assertEqualsWithDelta($value, $heard, $off, "$code says $said for $name");
        }
    }

    private function gather(mixed $value, string $key): void
    {
        if (is_object($value) || is_array($value)) {
            foreach ((array) $value as $name => $part) {
                $this->gather($part, is_int($name) ? $key : (string) $name);
            }
        } elseif (is_float($value) || is_int($value)) {
            $this->leaves[Dimension::ofKey($key)->value ?? ''][] = (float) $value;
        }
    }
}
