<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Kit\ModuleRating;
use Garnetine\Core\Design\Kit\RatingBasis;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Force;

/** Modules and their clamps under the wind on their own area: the same whatever carries them. */
final readonly class FaceChecks
{
    public function __construct(private TableDesign $design, private TableFace $face, private TableLoads $loads)
    {
    }

    private function module_m2(): float
    {
        return $this->design->moduleAcross()->toMetres() * $this->design->moduleUp()->toMetres();
    }

    public function module_Pa(): float
    {
        return $this->design->module->mass->toSi() * 9.80665 / $this->module_m2();
    }

    /** @return array{float, float} Of an area that weighs so much: up and down across the modules */
    public function net_Pa(float $area_m2, float $dead_Pa): array
    {
        $cos = cos($this->face->tilt_rad);
        $snow_Pa = $this->loads->snow->ps_Pa * $cos ** 2;
        $wind = $this->loads->elements;
        [$up_Pa, $down_Pa] = [$wind->pressure_Pa($area_m2, 'up'), $wind->pressure_Pa($area_m2, 'down')];
        $net_Pa = [-INF, -INF];
        foreach ($this->loads->combinations->all as [, $dead, $snow, $blows]) {
            $weight_Pa = $dead * $dead_Pa * $cos;
            $net_Pa = [
                max($net_Pa[0], $snow > 0.0 || $blows === 0.0 ? -INF : $blows * $up_Pa - $weight_Pa),
                max($net_Pa[1], $weight_Pa + $snow * $snow_Pa + $blows * $down_Pa),
            ];
        }

        return $net_Pa;
    }

    /**
     * @param string $clampAt Where it was entered what a clamp bears
     *
     * @return list<TableCheck> Without the modules where their clamps lie in no zone
     */
    public function checks(?Force $clampUp, string $clampAt): array
    {
        $checks = $this->module();
        if ($clampUp !== null) {
            // A clamp between two modules holds a quarter of each.
            $clamp_N = max(0.0, $this->net_Pa($this->module_m2() / 2, $this->module_Pa())[0]) * $this->module_m2() / 2;
            $at = ['at_m' => $this->face->railAt_m];
            $checks[] = TableCheck::of('clamp', '', $clamp_N, $clampUp->toSi(), 'N', null, $clampAt, $at, $this->loads->elements->source(), [
                '/module/length_m', '/module/width_m', '/module/mass_kg', $clampAt,
            ]);
        }

        return $checks;
    }

    /** @return list<TableCheck> */
    private function module(): array
    {
        $net_Pa = $this->net_Pa($this->module_m2(), $this->module_Pa());
        $held = array_filter(
            TableFace::held($this->design, $this->face->heldOn),
            fn (ModuleRating $rating): bool => Printed::atLeast($this->face->railAt_m, $rating->from->toMetres())
                && Printed::atMost($this->face->railAt_m, $rating->to->toMetres()),
        );
        if ($held === []) {
            return [];
        }
        $design = static fn (ModuleRating $rating, float $load_Pa): float => $load_Pa / ($rating->basis === RatingBasis::Test ? $rating->factor : 1.0);
        $up_Pa = max(array_map(static fn (ModuleRating $rating): float => $design($rating, $rating->up->toPascals()), $held));
        $down_Pa = max(array_map(static fn (ModuleRating $rating): float => $design($rating, $rating->down->toPascals()), $held));
        $of = fn (string $what, float $demand_Pa, float $capacity_Pa): TableCheck => TableCheck::of(
            $what,
            '',
            max(0.0, $demand_Pa),
            $capacity_Pa,
            'Pa',
            null,
            '/module/ratings',
            ['at_m' => $this->face->railAt_m],
            $this->loads->elements->source(),
            ['/module/length_m', '/module/width_m', '/module/mass_kg'],
        );

        return [$of('module_up', $net_Pa[0], $up_Pa), $of('module_down', $net_Pa[1], $down_Pa)];
    }
}
