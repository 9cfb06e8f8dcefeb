<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;

/**
 * Everything that acts on a table at once, each with the forces on every post: D, D + S, D + 0.6W, D + 0.75S + 0.45W, 0.6D + 0.6W with every wind and every
 * snow, and wind along the row alone. Posts stand firmly at the ground or give way to 0.7 of their depth below it; both are looked at.
 *
 * Source: ASCE/SEI 7-16, §2.4.1 (ASD). The two bounds, and the push along the row (the greater of the least pressure on the end and a twentieth of the
 * greatest push across), are choices on the safe side.
 */
final readonly class TableCases
{
    /** Name, and factors of dead load, snow and wind. */
    private const COMBINATIONS = [
        ['table_combination.d', 1.0, 0.0, 0.0], ['table_combination.d_s', 1.0, 1.0, 0.0], ['table_combination.d_w', 1.0, 0.0, 0.6],
        ['table_combination.d_s_w', 1.0, 0.75, 0.45], ['table_combination.06d_w', 0.6, 0.0, 0.6],
    ];
    private const SOFT = 0.7;
    private const UNEVEN = 1.1;
    private const NO_WIND = 'table_case.no_wind';
    public const NO_SNOW = 'table_case.no_snow';

    /**
     * @param non-empty-list<OpenWind> $winds
     * @param list<AlongRow> $even
     * @param list<array{string, float, float, list<AlongRow>}> $snows Code, on the lower and the upper half, and how the row shares it
     */
    private function __construct(
        private TableShape $shape,
        private array $winds,
        private float $dead_N,
        private array $even,
        private array $snows,
        private float $endArea_m2,
        private float $least_Pa,
    ) {
    }

    /** @param non-empty-list<OpenWind> $winds */
    public static function of(TableDesign $design, PipeTable $pipes, TableShape $shape, array $winds, TableSnow $snow): self
    {
        $modules_N = $design->module->mass->toSi() * 9.80665 * $design->table->rows * $design->table->columns;
        $even = AlongRow::under($shape, $pipes->joints);
        $half_N = $snow->ps_Pa * $shape->area_m2() * cos($shape->tilt_rad) / 2;

        return new self(
            $shape,
            $winds,
            $modules_N + $pipes->dead->toPascals() * $shape->area_m2(),
            $even,
            array_map(static fn (array $case): array => [
                $case[0], $case[1] * $half_N, $case[2] * $half_N, $case[3] === null ? $even : AlongRow::under($shape, $pipes->joints, $case[3]),
            ], $snow->cases),
            $shape->chord_m * ($shape->offset_m + $pipes->beam->outside->toMetres()),
            abs($winds[0]->upper_Pa),
        );
    }

    public function dead_N(): float
    {
        return $this->dead_N;
    }

    /** Below the ground, from where a post of this depth may be thought to stand. */
    public static function soft_m(float $depth_m): float
    {
        return self::SOFT * $depth_m;
    }

    /** @return list<TableCase> With posts so deep in the ground */
    public function at(float $depth_m): array
    {
        return [...$this->bound(false, $depth_m), ...$this->bound(true, $depth_m)];
    }

    /** @return list<TableCase> With posts that stand firm at the ground, or give way below it: the first are the same at any depth */
    public function bound(bool $isSoft, float $depth_m): array
    {
        $cases = [];
        $below_m = $isSoft ? self::soft_m($depth_m) : 0.0;
        [$front, $rear] = [$this->stiffness($this->shape->front_m, $below_m), $this->stiffness($this->shape->rear_m, $below_m)];
        $rearShare = array_sum($rear) / (array_sum($front) + array_sum($rear));
        foreach (self::COMBINATIONS as [$name, $dead, $snow, $wind]) {
            foreach ($snow === 0.0 ? [null] : $this->snows as $lies) {
                foreach ($wind === 0.0 ? [null] : $this->winds as $blows) {
                    array_push($cases, ...$this->one($name, $dead, $snow, $wind, $lies, $blows, $isSoft, $rearShare, $front, $rear));
                }
            }
        }
        array_push($cases, ...$this->alongTheRow($isSoft, $front, $rear));

        return $cases;
    }

    /**
     * @param non-empty-list<float> $heights_m
     *
     * @return non-empty-list<float> Stiffness of each post over EI
     */
    private function stiffness(array $heights_m, float $below_m): array
    {
        return array_map(static fn (float $height_m): float => 1 / max($height_m + $below_m, 0.01) ** 3, $heights_m);
    }

    /**
     * @param array{string, float, float, list<AlongRow>}|null $lies
     * @param non-empty-list<float> $front
     * @param non-empty-list<float> $rear
     *
     * @return list<TableCase> One, or with joints on the posts two
     */
    private function one(
        string $name,
        float $dead,
        float $snow,
        float $wind,
        ?array $lies,
        ?OpenWind $blows,
        bool $isSoft,
        float $rearShare,
        array $front,
        array $rear,
    ): array {
        $half_m2 = $this->shape->area_m2() / 2;
        [$low_m, $middle_m, $high_m] = [$this->shape->chord_m / 4, $this->shape->chord_m / 2, 3 * $this->shape->chord_m / 4];
        $always = Stance::under(
            $this->shape,
            $wind * ($blows->lower_Pa ?? 0.0) * $half_m2,
            $wind * ($blows->upper_Pa ?? 0.0) * $half_m2,
            [[$dead * $this->dead_N, $middle_m]],
            $rearShare,
        );
        $fallen = Stance::under($this->shape, 0.0, 0.0, [[$snow * ($lies[1] ?? 0.0), $low_m], [$snow * ($lies[2] ?? 0.0), $high_m]], $rearShare);
        $cases = [];
        foreach ($this->even as $index => $even) {
            $own = $lies[3][$index] ?? $even;
            $cases[] = new TableCase(
                $name,
                $blows->code ?? self::NO_WIND,
                $lies[0] ?? self::NO_SNOW,
                $isSoft,
                self::posts($even, $own, $always->front_N, $fallen->front_N, $always->frontAcross_N, $front),
                self::posts($even, $own, $always->rear_N, $fallen->rear_N, $always->rearAcross_N, $rear),
                [
                    self::moment($even, $own, $always->front_N, $fallen->front_N, $always->frontAcross_N),
                    self::moment($even, $own, $always->rear_N, $fallen->rear_N, $always->rearAcross_N),
                ],
            );
        }

        return $cases;
    }

    /**
     * @param non-empty-list<float> $stiffness
     *
     * @return list<array{float, float}>
     */
    private static function posts(AlongRow $even, AlongRow $own, float $always_N, float $fallen_N, float $across_N, array $stiffness): array
    {
        $uneven = max($stiffness) > self::UNEVEN ** 3 * min($stiffness);
        $posts = [];
        foreach ($even->posts as $post => $share) {
            $sideways = $uneven ? max($share, $stiffness[$post] / array_sum($stiffness)) : $share;
            $posts[] = [$share * $always_N + $own->posts[$post] * $fallen_N, abs($sideways * $across_N)];
        }

        return $posts;
    }

    /** Greatest in a pipe, of what bends it up and down and across. */
    private static function moment(AlongRow $even, AlongRow $own, float $always_N, float $fallen_N, float $across_N): float
    {
        $most = 0.0;
        foreach ($even->moments_m as $place => $lever_m) {
            $most = max($most, hypot($lever_m * $always_N + $own->moments_m[$place] * $fallen_N, $lever_m * $across_N));
        }

        return $most;
    }

    /**
     * @param non-empty-list<float> $front
     * @param non-empty-list<float> $rear
     *
     * @return list<TableCase>
     */
    private function alongTheRow(bool $isSoft, array $front, array $rear): array
    {
        $most_N = max(array_map(fn (OpenWind $wind): float => abs($wind->lower_Pa + $wind->upper_Pa) * $this->shape->area_m2() / 2, $this->winds));
        $push_N = 0.6 * max($this->least_Pa * $this->endArea_m2, 0.05 * $most_N);
        $stiffness = array_sum($front) + array_sum($rear);
        $cases = [];
        foreach (['table_combination.d_w' => 1.0, 'table_combination.06d_w' => 0.6] as $name => $dead) {
            $weight = Stance::under($this->shape, 0.0, 0.0, [[$dead * $this->dead_N, $this->shape->chord_m / 2]], 0.5);
            foreach ($this->even as $even) {
                $cases[] = new TableCase(
                    $name,
                    'open_wind.along',
                    self::NO_SNOW,
                    $isSoft,
                    self::pushed($even, $weight->front_N, $front, $push_N / $stiffness),
                    self::pushed($even, $weight->rear_N, $rear, $push_N / $stiffness),
                    [self::moment($even, $even, $weight->front_N, 0.0, 0.0), self::moment($even, $even, $weight->rear_N, 0.0, 0.0)],
                );
            }
        }

        return $cases;
    }

    /**
     * @param non-empty-list<float> $stiffness
     *
     * @return list<array{float, float}> Each post pushed by its stiffness
     */
    private static function pushed(AlongRow $even, float $row_N, array $stiffness, float $push_N): array
    {
        $posts = [];
        foreach ($even->posts as $post => $share) {
            $posts[] = [$share * $row_N, $push_N * $stiffness[$post]];
        }

        return $posts;
    }
}
