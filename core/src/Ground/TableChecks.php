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
     * @return list<TableCheck> Of every post and both pipes, in every case
     */
    public function underGround(float $depth_m, array $cases): array
    {
        $checks = [];
        foreach ($cases as $case) {
            foreach ([[1, $case->front, $this->shape->front_m], [2, $case->rear, $this->shape->rear_m]] as [$row, $posts, $heights_m]) {
                foreach ($posts as $post => [$presses_N, $across_N]) {
                    $place = TablePost::name($post, $row);
                    array_push(
                        $checks,
                        self::force('sideways', $place, $across_N, $this->ground->sideways_N($depth_m, $heights_m[$post]), $case),
                        self::force('lift', $place, max(0.0, -$presses_N), $this->ground->up_N($depth_m), $case),
                        self::force('press', $place, max(0.0, $presses_N), $this->ground->down_N($depth_m), $case),
                        ...$this->steel($place, $presses_N, $across_N, $heights_m[$post], $depth_m, $case),
                        ...$this->tee($place, $presses_N, $across_N, $case),
                    );
                }
            }
            $beam_Nm = $this->beam?->moment_Nm() ?? INF;
            foreach ($this->beam === null ? [] : ['front' => $case->beams[0], 'rear' => $case->beams[1]] as $place => $moment_Nm) {
                $checks[] = new TableCheck('beam', $place, $moment_Nm, $beam_Nm, 'Nm', $moment_Nm / $beam_Nm, $case);
            }
        }

        return $checks;
    }

    /** @return list<TableCheck> Of the steel of one post */
    private function steel(string $place, float $presses_N, float $across_N, float $height_m, float $depth_m, TableCase $case): array
    {
        if ($this->post === null) {
            return [];
        }
        $below_m = $case->isSoft ? TableCases::soft_m($depth_m) : 0.0;
        $sway_m = $across_N * $height_m ** 3 / (3 * $this->post->modulus_Pa * $this->post->secondMoment_m4);

        return [
            new TableCheck('bend', $place, $across_N * $height_m, $this->post->moment_Nm(), 'Nm', $this->post->together($presses_N, $across_N * $height_m, $height_m + $below_m), $case),
            self::force('shear', $place, $across_N, $this->post->shear_N(), $case),
            new TableCheck('sway', $place, $sway_m, $height_m / self::SWAY, 'm', $sway_m / ($height_m / self::SWAY), $case),
        ];
    }

    /** @return list<TableCheck> Of the pipe on one post */
    private function tee(string $place, float $presses_N, float $across_N, TableCase $case): array
    {
        $holds = $this->pipes->holds;

        return [
            ...$holds->teeUp === null ? [] : [self::force('tee_up', $place, max(0.0, -$presses_N), $holds->teeUp->toSi(), $case)],
            ...$holds->teeAcross === null ? [] : [self::force('tee_across', $place, $across_N, $holds->teeAcross->toSi(), $case)],
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
            fn (ModuleRating $rating): bool => Printed::atLeast($this->shape->railAt_m, $rating->from->toMetres()) && Printed::atMost($this->shape->railAt_m, $rating->to->toMetres()),
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
            ...$holds->railMoment === null ? [] : [new TableCheck('rail', '', $moment_Nm, $holds->railMoment->toSi(), 'Nm', $moment_Nm / $holds->railMoment->toSi())],
            ...$holds->railUp === null ? [] : [self::force('rail_up', '', $lift_N, $holds->railUp->toSi(), null)],
            ...$holds->railAlong === null ? [] : [self::force('rail_along', '', $slip_N, $holds->railAlong->toSi(), null)],
        ];
    }
}
