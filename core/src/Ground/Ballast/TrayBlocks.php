<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Ballast;

use Garnetine\Core\Design\Ground\Racking\BallastFrames;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SoilValues;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;

/**
 * The fewest blocks that hold one frame down on its two trays: neither tray is lifted, by which it does not tip about the other; the frame does not slide, down
 * a slope either; the ground bears both. Weights hold by 0.6 of them. Ground beside a tray counts nothing.
 *
 * Source: statics; IBC 2018, Table 1806.2 (bearing, sliding), §1806.3.2 (cohesion, at most half of the weight); recalled.
 */
final readonly class TrayBlocks
{
    private const HOLDS = 0.6;

    private SoilValues $soil;
    private float $tray_m2;
    private float $block_N;
    /** Steepest fall of the ground, as a tangent. */
    private float $falls;

    public function __construct(TableDesign $design, private BallastFrames $frames, Coefficients $coefficients)
    {
        $this->soil = SoilValues::of($design->table->soil, $coefficients);
        $this->tray_m2 = $frames->trayLong->toMetres() * $frames->trayWide->toMetres();
        $this->block_N = 9.80665 * $frames->block->toSi();
        $ground = $design->table->ground;
        $this->falls = hypot(tan($ground->across->toRadians()), tan($ground->along->toRadians()));
    }

    private function grips_N(float $down_N): float
    {
        return $this->soil->grips_N($down_N, 2 * $this->tray_m2);
    }

    /**
     * What slides a frame, and what holds it.
     *
     * @return array{float, float}
     */
    private function slides_N(TableCase $case, int $front, int $rear, int $blocks): array
    {
        $down_N = $case->posts[$front][0] + $case->posts[$rear][0] + self::HOLDS * $blocks * $this->block_N;

        return [$case->posts[$front][1] + $case->posts[$rear][1] + $this->falls * max(0.0, $down_N), $this->grips_N($down_N)];
    }

    /**
     * The fewest on the front and the rear tray of one frame; as many as there is room for where they do not hold.
     *
     * @param list<TableCase> $cases Without blocks
     *
     * @return array{int, int}
     */
    public function least(array $cases, int $front, int $rear): array
    {
        $most = $this->frames->mostBlocks;
        $lifted = array_values(array_filter($cases, static fn (TableCase $case): bool => $case->isLifting()));
        $blocks = array_map(fn (int $foot): int => min($most, (int) ceil(max([0.0, ...array_map(
            static fn (TableCase $case): float => -$case->posts[$foot][0],
            $lifted,
        )]) / self::HOLDS / $this->block_N - 1e-9)), [$front, $rear]);
        // As even as may be: a tray that is full leaves the rest to the other.
        while (min($blocks) < $most && $this->slide($lifted, $front, $rear, array_sum($blocks))) {
            ++$blocks[$blocks[0] < $blocks[1] ? 0 : 1];
            $blocks = $blocks[1] > $most ? [$blocks[0] + 1, $most] : $blocks;
        }

        return $blocks;
    }

    /** @param list<TableCase> $lifted */
    private function slide(array $lifted, int $front, int $rear, int $blocks): bool
    {
        foreach ($lifted as $case) {
            if (Printed::over(...$this->slides_N($case, $front, $rear, $blocks))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<TableCase> $cases Without blocks
     * @param array{PostPlace, PostPlace} $places Of the front and the rear tray
     * @param array{int, int} $feet Their places in a case
     * @param array{int, int} $blocks On them
     *
     * @return list<TableCheck> Of one frame, each thing in every case
     */
    public function checks(array $cases, array $places, array $feet, array $blocks): array
    {
        $checks = [];
        $bears_N = $this->soil->bearing_Pa() * $this->tray_m2;
        $most = '/table/racking/most_blocks';
        $trays = ['/table/racking/tray_long_m', '/table/racking/tray_wide_m'];
        foreach ($cases as $case) {
            foreach ([0, 1] as $tray) {
                $own = ['blocks' => $blocks[$tray], 'block_kg' => $this->frames->block->toSi()];
                $down_N = $case->posts[$feet[$tray]][0];
                if ($case->isLifting()) {
                    $checks[] = TableCheck::of(
                        'tray_lift',
                        $places[$tray]->id,
                        max(0.0, -$down_N),
                        max(self::HOLDS * $blocks[$tray] * $this->block_N, 1e-3),
                        'N',
                        $case,
                        $most,
                        $own,
                        null,
                        ['/table/racking/block_kg'],
                    );
                } else {
                    $all_N = max(0.0, $down_N + $blocks[$tray] * $this->block_N);
                    $checks[] = TableCheck::of('tray_press', $places[$tray]->id, $all_N, $bears_N, 'N', $case, $trays[0], $own, $this->soil->source(), [
                        ...$trays, '/table/racking/block_kg', ...$this->soil->from('bearing'),
                    ]);
                }
            }
            if ($case->isLifting()) {
                [$slides_N, $grips_N] = $this->slides_N($case, $feet[0], $feet[1], array_sum($blocks));
                $checks[] = TableCheck::of('tray_sideways', $places[0]->id, $slides_N, max($grips_N, 1e-3), 'N', $case, $most, [
                    'blocks' => array_sum($blocks), 'block_kg' => $this->frames->block->toSi(),
                ], $this->soil->source('§1806.3.2'), [
                    '/table/racking/block_kg', ...$trays, '/table/ground/across_rad', '/table/ground/along_rad', ...$this->soil->from('sliding'),
                ], $this->soil->isCohesive() ? 'tray_sideways_clay' : '');
            }
        }

        return array_values(TableCheck::worst($checks));
    }
}
