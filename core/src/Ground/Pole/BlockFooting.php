<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Pole;

use Garnetine\Core\Design\Ground\Racking\Anchors;
use Garnetine\Core\Design\Ground\Racking\Block;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\SoilValues;
use Garnetine\Core\Ground\Stick;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;

/**
 * A block of concrete under a pole, by its shorter side in every direction: it does not tip about its edge, presses no harder than the ground bears, does not
 * slide, and its anchors hold the plate. Ground beside it counts nothing.
 *
 * Source: statics of a footing in and out of its kern; IBC 2018, Table 1806.2 (bearing, sliding), §1806.3.2 (cohesion, at most half of the weight); recalled.
 */
final readonly class BlockFooting
{
    private const CONCRETE = 'practice/concrete';
    private const PSF_Pa = 47.880258980336;
    private const FT_M = 0.3048;

    private float $weight_N;
    private SoilValues $soil;

    public function __construct(private TableDesign $design, private Block $block, private Anchors $anchors, private Coefficients $coefficients)
    {
        $this->soil = SoilValues::of($design->table->soil, $coefficients);
        $this->weight_N = $this->volume_m3() * $coefficients->value(self::CONCRETE, 'concrete_pcf') * self::PSF_Pa / self::FT_M;
    }

    private function volume_m3(): float
    {
        return $this->block->side->toMetres() * $this->block->otherSide->toMetres() * $this->block->thick->toMetres();
    }

    /** Bags that fill it, with waste, up to a quarter. */
    public function bags(): float
    {
        $bag = $this->design->table->footing->bag->value;
        $bags = $this->volume_m3() / self::FT_M ** 3 * $this->coefficients->value(
            self::CONCRETE,
            'waste',
        ) / $this->coefficients->value(self::CONCRETE, "yield_ft3/$bag");

        return ceil(4 * $bags - 1e-6) / 4;
    }

    /** @return list<Finding> What ends above the frost, or a foot under the ground, is no foundation */
    public function findings(): array
    {
        $depth_m = $this->block->thick->toMetres() - $this->block->above->toMetres();
        $least_m = max($this->design->table->soil->frostDepth->toMetres(), $this->coefficients->value('ibc_2018/posts', 'least_depth_in') * 0.0254);

        return Printed::under($depth_m, $least_m)
            ? [Finding::of(Code::FootOverFrost, '/table/racking/block/thick_m', ['depth_m' => $depth_m, 'frost_m' => $least_m])] : [];
    }

    /** @return array{float, float} Of the shorter side, and across it */
    private function sides_m(): array
    {
        $sides_m = [$this->block->side->toMetres(), $this->block->otherSide->toMetres()];

        return [min($sides_m), max($sides_m)];
    }

    /** @return array{float, float} What turns the block about its underside, and what presses on that */
    private function under(Stick $stick): array
    {
        [$down_N, $across_N, $moment_Nm] = $stick->case->posts[0];

        return [abs($moment_Nm) + $across_N * $this->block->thick->toMetres(), $down_N + $stick->dead * $this->weight_N];
    }

    /** The greatest pressure on the ground. */
    public static function pressure_Pa(float $moment_Nm, float $down_N, float $long_m, float $wide_m): float
    {
        $aside_m = $moment_Nm / max($down_N, 1e-6);

        return match (true) {
            $aside_m <= $long_m / 6 => $down_N / ($long_m * $wide_m) * (1 + 6 * $aside_m / $long_m),
            $aside_m < $long_m / 2 => 2 * $down_N / (3 * $wide_m * ($long_m / 2 - $aside_m)),
            default => 1e9,
        };
    }

    private function slides_N(float $down_N): float
    {
        [$short_m, $long_m] = $this->sides_m();

        return $this->soil->grips_N($down_N, $short_m * $long_m);
    }

    /**
     * @param non-empty-list<Stick> $sticks
     *
     * @return list<TableCheck> The one that asks most of each thing
     */
    public function checks(array $sticks): array
    {
        $all = [];
        foreach ($sticks as $stick) {
            array_push($all, ...$this->one($stick));
        }

        return array_values(TableCheck::worst($all));
    }

    /** @return list<TableCheck> */
    private function one(Stick $stick): array
    {
        $case = $stick->case;
        [$moment_Nm, $down_N] = $this->under($stick);
        [$short_m, $long_m] = $this->sides_m();
        $sizes = ['/table/racking/block/side_m', '/table/racking/block/other_side_m', '/table/racking/block/thick_m'];
        $values = ['weight_N' => $this->weight_N, 'side_m' => $short_m];
        $bearing_Pa = $this->soil->bearing_Pa();
        $across_N = $case->posts[0][1];

        return [
            ...$case->isLifting() ? [
                TableCheck::of('tips', '', $moment_Nm, max($down_N * $short_m / 2, 1e-3), 'Nm', $case, $sizes[0], $values, null, $sizes),
                TableCheck::of('slides', '', $across_N, max(
                    $this->slides_N($down_N),
                    1e-3,
                ), 'N', $case, $sizes[0], $values, $this->soil->source('§1806.3.2'), [
                    ...$sizes, ...$this->soil->from('sliding'),
                ]),
            ] : [
                TableCheck::of('bears', '', self::pressure_Pa(
                    $moment_Nm,
                    $down_N,
                    $short_m,
                    $long_m,
                ), $bearing_Pa, 'Pa', $case, $sizes[0], $values, $this->soil->source(), [
                    ...$sizes, ...$this->soil->from('bearing'),
                ]),
            ],
            ...$this->anchor($stick),
        ];
    }

    /** @return list<TableCheck> The bolts of one line are pulled by the moment, all are sheared; both shares are added up (a choice on the safe side) */
    private function anchor(Stick $stick): array
    {
        $anchors = $this->anchors;
        if ($anchors->tension === null || $anchors->shear === null) {
            return [];
        }
        [$down_N, $across_N, $moment_Nm] = $stick->case->posts[0];
        $pulled_N = max(0.0, abs($moment_Nm) / ($anchors->lever->toMetres() * intdiv($anchors->count, 2)) - $down_N / $anchors->count);
        $sheared_N = $across_N / $anchors->count;
        $at = '/table/racking/anchors';

        return [new TableCheck(
            'anchor',
            '',
            $pulled_N,
            $anchors->tension->toSi(),
            'N',
            $pulled_N / $anchors->tension->toSi() + $sheared_N / $anchors->shear->toSi(),
            $stick->case,
            ['sheared_N' => $sheared_N, 'shear_N' => $anchors->shear->toSi()],
            null,
            ["$at/count", "$at/lever_m", "$at/tension_N", "$at/shear_N"],
            "$at/tension_N",
        )];
    }
}
