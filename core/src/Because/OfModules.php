<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Plan\Plan;

/** Of modules: what they bear, what their clamps bear, and why the lines under them lie where they do. */
final readonly class OfModules implements Explains
{
    public function __construct(private Plan $plan, private Sources $of)
    {
    }

    public function paths(): array
    {
        $paths = $this->plan->supports === [] ? [] : ['lines', 'clamp'];
        foreach ($this->plan->blocks as $block) {
            foreach ($block->modules as $module) {
                $paths[] = 'modules/'.($block->part->number === 1 ? '' : "{$block->part->number}/")."{$module->row}/{$module->column}";
            }
        }

        return $paths;
    }

    public function at(string $path): ?Because
    {
        $parts = explode('/', $path);

        return match ($parts[0]) {
            'lines' => $this->lines(),
            'clamp' => $this->clamp(),
            default => $this->module(
                array_map(intval(...), count($parts) === 4 ? array_slice($parts, 1) : [1, (int) ($parts[1] ?? 0), (int) ($parts[2] ?? 0)]),
            ),
        };
    }

    /** @param list<int> $which Block, row and column, each from 1 */
    private function module(array $which): ?Because
    {
        [$number, $row, $column] = $which;
        $block = $this->plan->blocks[$number - 1] ?? null;
        foreach ($block->modules ?? [] as $module) {
            if ($block !== null && $module->row === $row && $module->column === $column) {
                $spot = $block->placement->rows[$row][$column];

                return new Because('module', [
                    'up_Pa' => $module->up_Pa, 'down_Pa' => $module->down_Pa, 'rated_up_Pa' => $module->ratedUp_Pa ?? 0.0,
                    'rated_down_Pa' => $module->ratedDown_Pa ?? 0.0,
                    'value' => 1 - ($module->ratio() ?? 1.0), 'exposed' => $spot->isExposed()
                        ? 'yes'
                        : 'no', 'area_m2' => $block->part->design->module_m2(),
                    'sides' => $spot->exposedSides === [] ? 'none' : strtr(implode(', ', $spot->exposedSides), ['up' => 'above', 'down' => 'below']),
                ], $this->plan->loads?->combinations->source, 'high', children: array_values(
                    array_filter([$this->of->speed(), $this->of->figure('loads/down'), ...$this->of->ratings($block->part)]),
                ));
            }
        }

        return null;
    }

    private function clamp(): ?Because
    {
        $clamp = $this->plan->clamp;

        return $clamp === null ? null : new Because('clamp', [
            'value' => 1 - ($clamp->ratio() ?? 1.0), 'up_N' => $clamp->up_N, 'along_N' => $clamp->along_N, 'run' => $clamp->run,
            'clamp' => $clamp->clamp, 'area_m2' => $clamp->area_m2,
            'along_run' => $clamp->alongRun, 'along_clamp' => $clamp->alongClamp,
        ], 'on the quarters of the modules that it holds: ASCE/SEI 7-16, §26.2; recalled', 'high', children: [
            $this->of->input('/kit/clamp/up_N'),
            $this->of->input('/kit/clamp/along_N'),
        ]);
    }

    private function lines(): Because
    {
        return new Because(
            match (true) {
                $this->plan->design->block->arrangement->isUpSlope() => 'lines_up',
                $this->plan->members->purlins !== null => 'lines_on_screws',
                $this->plan->design->kit->foot->betweenBattens() !== null => 'lines_between_battens',
                $this->plan->members->areOfSheet => 'lines_free',
                default => 'lines',
            },
            [],
            'common practice, no source',
            children: array_map($this->of->input(...), $this->of->entered([
                '/surface/covering/lower_butt_m', '/surface/covering/upper_butt_m', '/surface/covering/courses_between',
                '/surface/covering/lower_batten_m', '/surface/covering/upper_batten_m', '/surface/covering/batten_spaces',
                '/surface/covering/lower_screws_m', '/surface/covering/upper_screws_m', '/surface/covering/spaces_between',
                '/surface/covering/batten_width_m', '/surface/covering/overlap_m', '/kit/foot/length_m', '/kit/foot/arm/reach_m',
                '/kit/foot/hole_offset_m', '/kit/foot/flashing/below_m', '/kit/foot/flashing/above_m', '/kit/foot/flashing/makers_cover_m',
            ])),
        );
    }
}
