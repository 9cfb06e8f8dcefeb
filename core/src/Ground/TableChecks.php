<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\ModuleRating;
use Garnetine\Core\Design\RatingBasis;
use Garnetine\Core\Load\Printed;

/** Holds what acts on a table against what its parts bear. */
final readonly class TableChecks
{
    /** So much of its height a post may sway at its top, of its own bending (common practice for posts, no source). */
    private const SWAY = 60.0;

    public function __construct(
        private TableDesign $design,
        private PipeTable $pipes,
        private TableShape $shape,
        private PostInGround $ground,
        private ?RoundPipe $post,
        private ?RoundPipe $beam,
    ) {
    }

    /**
     * Whether every post holds in the ground at a depth: the least of the steps at which they do is searched.
     *
     * @param list<TableCase> $cases
     */
    public function standsAt(float $depth_m, array $cases): bool
    {
        [$up_N, $down_N] = [$this->ground->up_N($depth_m), $this->ground->down_N($depth_m)];
        foreach ($cases as $case) {
            foreach ([[$case->front, $this->shape->front_m], [$case->rear, $this->shape->rear_m]] as [$posts, $heights_m]) {
                foreach ($posts as $post => [$presses_N, $across_N]) {
                    if (
                        Printed::over($across_N, $this->ground->sideways_N($depth_m, $heights_m[$post]))
                        || Printed::over(-$presses_N, $up_N) || Printed::over($presses_N, $down_N)
                    ) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /**
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of every post and both pipes, each thing in the case that asks most of it
     */
    public function underGround(float $depth_m, array $cases): array
    {
        $checks = [];
        foreach ([[1, 'front', $this->shape->front_m], [2, 'rear', $this->shape->rear_m]] as [$row, $side, $heights_m]) {
            foreach ($heights_m as $post => $height_m) {
                array_push($checks, ...$this->post(TablePost::name($post, $row), $side, $post, $height_m, $depth_m, $cases));
            }
            $beam_Nm = $this->beam?->moment_Nm();
            $worst = null;
            foreach ($beam_Nm === null ? [] : $cases as $case) {
                $worst = $case->beams[$row - 1] > ($worst?->beams[$row - 1] ?? -1.0) ? $case : $worst;
            }
            if ($worst !== null) {
                $checks[] = new TableCheck('beam', $side, $worst->beams[$row - 1], (float) $beam_Nm, 'Nm', $worst->beams[$row - 1] / (float) $beam_Nm, $worst);
            }
        }

        return $checks;
    }

    /**
     * @param 'front'|'rear' $side
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck>
     */
    private function post(string $place, string $side, int $post, float $height_m, float $depth_m, array $cases): array
    {
        $across = $lift = $press = $bend = null;
        $most = ['across' => -1.0, 'lift' => -INF, 'press' => -INF, 'bend' => -1.0];
        $compression_N = [
            $this->post?->compression_N($height_m) ?? INF,
            $this->post?->compression_N($height_m + TableCases::soft_m($depth_m)) ?? INF,
        ];
        foreach ($cases as $case) {
            [$presses_N, $across_N] = $case->{$side}[$post];
            if ($across_N > $most['across']) {
                [$most['across'], $across] = [$across_N, $case];
            }
            if (-$presses_N > $most['lift']) {
                [$most['lift'], $lift] = [-$presses_N, $case];
            }
            if ($presses_N > $most['press']) {
                [$most['press'], $press] = [$presses_N, $case];
            }
            $together = $this->post?->together($presses_N, $across_N * $height_m, $compression_N[$case->isSoft ? 1 : 0]) ?? 0.0;
            if ($together > $most['bend']) {
                [$most['bend'], $bend] = [$together, $case];
            }
        }
        [$across_N, $lift_N, $press_N] = [$most['across'], max(0.0, $most['lift']), max(0.0, $most['press'])];
        $holds = $this->pipes->holds;

        return [
            self::force('sideways', $place, $across_N, $this->ground->sideways_N($depth_m, $height_m), $across),
            self::force('lift', $place, $lift_N, $this->ground->up_N($depth_m), $lift),
            self::force('press', $place, $press_N, $this->ground->down_N($depth_m), $press),
            ...$bend === null ? [] : $this->steel($place, $across_N, $height_m, $across, [$most['bend'], $bend, $bend->{$side}[$post][1] * $height_m]),
            ...$holds->teeUp === null ? [] : [self::force('tee_up', $place, $lift_N, $holds->teeUp->toSi(), $lift)],
            ...$holds->teeAcross === null ? [] : [self::force('tee_across', $place, $across_N, $holds->teeAcross->toSi(), $across)],
        ];
    }

    /**
     * @param array{float, TableCase, float} $bent How much of its strength that takes, in which case, and the moment
     *
     * @return list<TableCheck> Of the steel of one post
     */
    private function steel(string $place, float $across_N, float $height_m, ?TableCase $across, array $bent): array
    {
        if ($this->post === null) {
            return [];
        }
        $sway_m = $across_N * $height_m ** 3 / (3 * $this->post->modulus_Pa * $this->post->secondMoment_m4);

        return [
            new TableCheck('bend', $place, $bent[2], $this->post->moment_Nm(), 'Nm', $bent[0], $bent[1]),
            self::force('shear', $place, $across_N, $this->post->shear_N(), $across),
            new TableCheck('sway', $place, $sway_m, $height_m / self::SWAY, 'm', $sway_m / ($height_m / self::SWAY), $across),
        ];
    }

    private static function force(string $what, string $place, float $demand_N, float $capacity_N, ?TableCase $case): TableCheck
    {
        return new TableCheck($what, $place, $demand_N, $capacity_N, 'N', $demand_N / max($capacity_N, 1e-6), $case);
    }

    /** @return list<TableCheck> Of modules, clamps and rails, each under the wind on its own area */
    public function overGround(ElementWind $wind, TableSnow $snow): array
    {
        $tilt = $this->shape->tilt_rad;
        $module_m2 = $this->design->moduleAcross()->toMetres() * $this->design->moduleUp()->toMetres();
        $module_Pa = $this->design->module->mass->toSi() * 9.80665 / $module_m2;
        $snow_Pa = $snow->ps_Pa * cos($tilt) ** 2;
        $net = static fn (float $area_m2, float $dead_Pa): array => [
            0.6 * $wind->pressure_Pa($area_m2, 'up') - 0.6 * $dead_Pa * cos($tilt),
            max(
                $dead_Pa * cos($tilt) + $snow_Pa,
                $dead_Pa * cos($tilt) + 0.6 * $wind->pressure_Pa($area_m2, 'down'),
                $dead_Pa * cos($tilt) + 0.75 * $snow_Pa + 0.45 * $wind->pressure_Pa($area_m2, 'down'),
            ),
        ];
        $checks = $this->module($net($module_m2, $module_Pa));
        $holds = $this->pipes->holds;
        // A clamp between two modules holds a quarter of each.
        $clamp_N = max(0.0, $net($module_m2 / 2, $module_Pa)[0]) * $module_m2 / 2;
        if ($holds->clampUp !== null) {
            $checks[] = self::force('clamp', '', $clamp_N, $holds->clampUp->toSi(), null);
        }

        return [...$checks, ...$this->rail($net, $module_Pa + $this->pipes->dead->toPascals(), $snow)];
    }

    /**
     * @param array{float, float} $net_Pa Up and down
     *
     * @return list<TableCheck> None where its clamps lie in no zone
     */
    private function module(array $net_Pa): array
    {
        $held = array_filter(
            TableShape::held($this->design),
            fn (ModuleRating $rating): bool => Printed::atLeast(
                $this->shape->railAt_m,
                $rating->from->toMetres(),
            ) && Printed::atMost($this->shape->railAt_m, $rating->to->toMetres()),
        );
        if ($held === []) {
            return [];
        }
        $design = static fn (ModuleRating $rating, float $load_Pa): float => $load_Pa / ($rating->basis === RatingBasis::Test ? $rating->factor : 1.0);
        $up_Pa = max(array_map(static fn (ModuleRating $rating): float => $design($rating, $rating->up->toPascals()), $held));
        $down_Pa = max(array_map(static fn (ModuleRating $rating): float => $design($rating, $rating->down->toPascals()), $held));

        return [
            new TableCheck('module_up', '', max(0.0, $net_Pa[0]), $up_Pa, 'Pa', max(0.0, $net_Pa[0]) / max($up_Pa, 1e-6)),
            new TableCheck('module_down', '', $net_Pa[1], $down_Pa, 'Pa', $net_Pa[1] / max($down_Pa, 1e-6)),
        ];
    }

    /**
     * A rail bears half a column, from the low edge to the high one, on both pipes and past them.
     *
     * @param \Closure(float, float): array{float, float} $net
     *
     * @return list<TableCheck>
     */
    private function rail(\Closure $net, float $dead_Pa, TableSnow $snow): array
    {
        $wide_m = $this->shape->width_m / count($this->shape->rails_m);
        [$below_m, $span_m] = [$this->shape->frontPipe_m, $this->shape->rearPipe_m - $this->shape->frontPipe_m];
        $above_m = $this->shape->chord_m - $this->shape->rearPipe_m;
        [$up_Pa, $down_Pa] = $net($span_m * max($wide_m, $span_m / 3), $dead_Pa);
        $load = max($up_Pa, $down_Pa) * $wide_m;
        $front_N = $load * $this->shape->chord_m * ($this->shape->rearPipe_m - $this->shape->chord_m / 2) / $span_m;
        // Where the shear between the pipes is nought.
        $at_m = $load > 0.0 ? $front_N / $load : 0.0;
        $moment_Nm = max(
            $load * $below_m ** 2 / 2,
            $load * $above_m ** 2 / 2,
            $at_m > $below_m && $at_m < $this->shape->rearPipe_m ? abs($front_N * ($at_m - $below_m) - $load * $at_m ** 2 / 2) : 0.0,
        );
        $rear = ($this->shape->chord_m / 2 - $below_m) / $span_m;
        $lift_N = max(0.0, $up_Pa) * $wide_m * $this->shape->chord_m * max($rear, 1 - $rear);
        $slip_N = ($dead_Pa + $snow->ps_Pa * cos($this->shape->tilt_rad)) * sin($this->shape->tilt_rad) * $wide_m * $this->shape->chord_m / 2;
        $holds = $this->pipes->holds;

        return [
            ...$holds->railMoment === null ? [] : [new TableCheck(
                'rail',
                '',
                $moment_Nm,
                $holds->railMoment->toSi(),
                'Nm',
                $moment_Nm / $holds->railMoment->toSi(),
            )],
            ...$holds->railUp === null ? [] : [self::force('rail_up', '', $lift_N, $holds->railUp->toSi(), null)],
            ...$holds->railAlong === null ? [] : [self::force('rail_along', '', $slip_N, $holds->railAlong->toSi(), null)],
        ];
    }
}
