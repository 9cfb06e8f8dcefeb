<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Layout\ModuleSpot;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\SnowCase;

/**
 * The snow that a stretch of modules brings to one of its rails. The surcharge near the ridge goes by lever; of a drift around
 * something tall every module of a row bears the most that any of it gets.
 */
final readonly class SnowOnRun
{
    private float $theta;

    /** How steep the modules are. */
    private float $modules;

    /** @param array{RailLine, RailLine} $pair */
    public function __construct(
        private Design $design,
        private Placement $placement,
        private array $pair,
        private RailLine $line,
        private Stretch $stretch,
        private SiteLoads $loads,
        /** Its part of what pushes along the slope. */
        private float $grip,
    ) {
        $this->theta = $design->surface->pitch->toRadians();
        $this->modules = $design->modulePitch_rad();
    }

    /** @return array<string, array{float, float}> By case: normal and along, of one module in N; where they differ the most that any brings */
    public function each_N(): array
    {
        $snow_N = [];
        foreach ($this->loads->snow->cases as $case) {
            $on = $this->stretch->isUpSlope
                ? array_map(fn (ModuleSpot $module): array => $this->module($case, $module, $module), $this->stretch->modules)
                : [$this->module($case, $this->stretch->first(), $this->stretch->last())];
            $held_N = $this->held_N($case);
            // What pushes down the roof against modules that are steeper lifts them.
            $lifts_N = $held_N * sin($this->modules - $this->theta) * Runs::share($this->pair, $this->line, $this->stretch->wide_m / 2);
            $snow_N[$case->code] = [
                max(array_map(static fn (array $one): float => $one[0] + $one[1], $on)) - $lifts_N,
                max(array_column($on, 2)) + $held_N * $this->design->slant() * $this->grip,
            ];
        }

        return $snow_N;
    }

    /** Of a rail up the slope: by clamp, and all together. */
    public function upSlope(): UpSlope
    {
        $clamps_m = $this->stretch->clamps_m();
        $normal_N = $along_N = [];
        foreach ($this->loads->snow->cases as $case) {
            $normal_N[$case->code] = array_fill(0, count($clamps_m), 0.0);
            $along_N[$case->code] = $this->held_N($case) * $this->grip;
            foreach ($this->stretch->modules as $index => $module) {
                [$uniform_N, $surcharge_N, $push_N, $top_m] = $this->module($case, $module, $module);
                $from_m = $this->stretch->from_m($module);
                [$one, $next] = $this->stretch->clampsOf($index);
                foreach ([[$uniform_N, $from_m + $this->stretch->long_m / 2], [$surcharge_N, $top_m]] as [$force_N, $at_m]) {
                    $toNext = ($at_m - $clamps_m[$one]) / ($clamps_m[$next] - $clamps_m[$one]);
                    $normal_N[$case->code][$one] += $force_N * (1 - $toNext);
                    $normal_N[$case->code][$next] += $force_N * $toNext;
                }
                $along_N[$case->code] += $push_N;
            }
        }

        $from_m = $this->stretch->from_m($this->stretch->first());

        return new UpSlope(array_map(array_values(...), $normal_N), $along_N, $from_m, $this->stretch->from_m($this->stretch->last()) + $this->stretch->long_m);
    }

    /**
     * One module, or one for all of a row from the first to the last.
     *
     * @return array{float, float, float, float} Normal of what lies evenly and of the surcharge, and along the slope, in N; the height of the middle of the surcharge in m
     */
    private function module(SnowCase $case, ModuleSpot $module, ModuleSpot $last): array
    {
        $width_m = $this->placement->width_m;
        $length_m = $this->placement->length_m;
        $top_m = $module->y_m + $length_m;
        $uniform_N = ($case->uniform_Pa + $case->patch_Pa($module->x_m, $module->y_m, $last->x_m + $width_m, $top_m)) * $width_m * $length_m;
        $covered_m = $case->coveredBelowRidge_m($module->y_m, $top_m, $this->design->surface->slopeLength->toMetres());
        $surcharge_N = $case->surcharge_Pa * $width_m * $covered_m;
        $middle_m = $this->stretch->wide_m / 2;
        $upon = cos($this->theta) * cos($this->modules);

        return [
            $uniform_N * Runs::share($this->pair, $this->line, $middle_m) * $upon,
            $surcharge_N * Runs::share($this->pair, $this->line, $this->stretch->isUpSlope ? $middle_m : $length_m - $covered_m / 2) * $upon,
            ($uniform_N + $surcharge_N) * sin($this->modules) * cos($this->theta) * $this->grip,
            $top_m - $covered_m / 2,
        ];
    }

    /**
     * The push of the snow above a stretch that lies against its modules, of one module's width: s·b·sin α for each metre, without friction,
     * b on the level.
     *
     * Source: EN 1991-1-3 §6.4 for snow guards, the same by statics under any standard; recalled.
     */
    private function held_N(SnowCase $case): float
    {
        return $case->uniform_Pa * $this->heldAbove_m() * cos($this->theta) * sin($this->theta) * $this->placement->width_m;
    }

    /** Length of roof above the stretch whose snow lies against its modules, up to the next module or the ridge; the most of any. */
    private function heldAbove_m(): float
    {
        if ($this->design->site->arrayHoldsSnow === YesNo::No) {
            return 0.0;
        }
        [$first, $last] = [$this->stretch->first(), $this->stretch->last()];
        $top_m = $last->y_m + $this->placement->length_m;
        $held_m = 0.0;
        for ($column = $first->column; $column <= $last->column; ++$column) {
            $next_m = $this->design->surface->slopeLength->toMetres();
            foreach ($this->placement->rows as $spots) {
                if (isset($spots[$column]) && $spots[$column]->y_m > $top_m) {
                    $next_m = min($next_m, $spots[$column]->y_m);
                }
            }
            // A gap as between rows holds nothing.
            $held_m = $next_m - $top_m > $this->design->block->rowGap->toMetres() + 1e-6 ? max($held_m, $next_m - $top_m) : $held_m;
        }

        return $held_m;
    }
}
