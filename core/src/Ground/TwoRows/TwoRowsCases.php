<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

use Garnetine\Core\Design\Ground\Racking\TwoRowSizes;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\AlongRow;
use Garnetine\Core\Ground\Member;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\Together;

/**
 * Everything that acts on a table on two rows of posts at once, each with the forces on every post, and wind along the row alone. Posts stand firmly at the
 * ground or give way to 0.7 of their depth below it; both are looked at (a choice on the safe side).
 */
final readonly class TwoRowsCases
{
    private const SOFT = 0.7;
    private const UNEVEN = 1.1;

    /** Stands for a post whose strength is not known, which stops the plan. */
    private const SMALL_NM2 = 1e4;

    /**
     * @param list<AlongRow> $even
     * @param array<string, list<AlongRow>> $uneven By the snow's shares of the spans
     * @param array{list<float|null>, list<float|null>} $built Measured depths of the front and the rear posts
     * @param array{float, float} $stiff E·I of a front and of a rear post, over that of a front one
     * @param float $stiff_Nm2 That of a front one; of none known of a small one
     */
    private function __construct(
        private TableShape $shape,
        private TwoRowSizes $sizes,
        private TableLoads $loads,
        private float $dead_N,
        private array $even,
        private array $uneven,
        private array $built,
        private array $stiff,
        private float $stiff_Nm2,
        private ?Member $beam,
        private AsBuilt $asBuilt,
    ) {
    }

    public static function of(
        TableDesign $design,
        TwoRowSizes $sizes,
        TableShape $shape,
        TableLoads $loads,
        ?Member $front = null,
        ?Member $rear = null,
        ?Member $beam = null,
    ): self {
        return new self(
            $shape,
            $sizes,
            $loads,
            $design->modules_N() + $sizes->dead->toPascals() * $shape->area_m2(),
            AlongRow::under($shape->posts_m, $shape->rails_m, $sizes->joints),
            AlongRow::uneven($shape->posts_m, $shape->rails_m, $sizes->joints, $loads->snow),
            array_map(static fn (int $row): array => array_map(
                static fn (int $post): ?float => $design->table->builtDepth_m(PostPlace::name($post, $row)),
                array_keys($shape->posts_m),
            ), [1, 2]),
            [1.0, $front === null || $rear === null ? 1.0 : $rear->stiffness_Nm2() / $front->stiffness_Nm2()],
            $front?->stiffness_Nm2() ?? self::SMALL_NM2,
            $beam,
            AsBuilt::of($design, $shape),
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
        $below = static fn (?float $built_m): float => $isSoft ? self::soft_m($built_m ?? $depth_m) : 0.0;
        $into = [array_map($below, $this->built[0]), array_map($below, $this->built[1])];
        $front = self::stiffness($this->shape->front_m, $into[0], $this->stiff[0]);
        $rear = self::stiffness($this->shape->rear_m, $into[1], $this->stiff[1]);
        $frames = $this->frames($into);
        $cases = $seen = [];
        foreach ($this->loads->together() as $acts) {
            $pushes = "$acts->combination $acts->wind";
            array_push($cases, ...$this->one($acts, $isSoft, $front, $rear, $frames, !isset($seen[$pushes])));
            $seen[$pushes] = true;
        }
        array_push($cases, ...$this->alongTheRow($isSoft, $front, $rear));

        return array_map($this->asBuilt->leaning(...), $cases);
    }

    /**
     * @param array{list<float>, list<float>} $into How far under the ground front and rear posts stand firm
     *
     * @return list<Frame> Of each post along the row, where they are braced
     */
    private function frames(array $into): array
    {
        $shape = $this->shape;

        return $this->sizes->brace === null ? [] : array_map(fn (int $post): Frame => Frame::braced(
            $this->sizes->brace,
            [$shape->front_m[$post], $shape->rear_m[$post]],
            [$into[0][$post], $into[1][$post]],
            [$this->stiff_Nm2, $this->stiff_Nm2 * $this->stiff[1]],
            $shape->between_m,
            $shape->rearGround_m[$post] - $shape->frontGround_m[$post],
        ), array_keys($shape->posts_m));
    }

    /**
     * @param non-empty-list<float> $heights_m
     * @param list<float> $below_m
     *
     * @return non-empty-list<float> Stiffness of each post over E·I of a front one
     */
    private static function stiffness(array $heights_m, array $below_m, float $times): array
    {
        return array_map(static fn (float $height_m, float $into_m): float => $times / max($height_m + $into_m, 0.01) ** 3, $heights_m, $below_m);
    }

    /**
     * @param non-empty-list<float> $front
     * @param non-empty-list<float> $rear
     * @param list<Frame> $frames Where posts are braced
     *
     * @return list<TableCase> One, or with joints on the posts two
     */
    private function one(Together $acts, bool $isSoft, array $front, array $rear, array $frames, bool $pushesAnew): array
    {
        $rearShare = $frames === [] ? array_sum($rear) / (array_sum($front) + array_sum($rear))
            : array_sum(array_map(static fn (Frame $frame): float => $frame->rearShare, $frames)) / count($frames);
        $half_m2 = $this->shape->area_m2() / 2;
        $level_m2 = $half_m2 * cos($this->shape->tilt_rad);
        [$low_m, $middle_m, $high_m] = [$this->shape->chord_m / 4, $this->shape->chord_m / 2, 3 * $this->shape->chord_m / 4];
        $always = Stance::under(
            $this->shape,
            $acts->lower_Pa * $half_m2,
            $acts->upper_Pa * $half_m2,
            [[$acts->dead * $this->dead_N, $middle_m]],
            $rearShare,
        );
        $fallen = Stance::under($this->shape, 0.0, 0.0, [[$acts->snowLower_Pa * $level_m2, $low_m], [$acts->snowUpper_Pa * $level_m2, $high_m]], $rearShare);
        $lies = $acts->spans === null ? $this->even : $this->uneven[implode(' ', $acts->spans)];
        $cases = [];
        foreach ($this->even as $index => $even) {
            $own = $lies[$index] ?? $even;
            [$braced, $atGround, $pulls] = $this->braced($even, $own, $always, $fallen, $frames);
            $cases[] = new TableCase(
                $acts->combination,
                $acts->wind,
                $acts->snow,
                $isSoft,
                $frames !== [] ? $atGround : [
                    ...self::posts($even, $own, $always->front_N, $fallen->front_N, $always->frontAcross_N, $front, $this->shape->front_m),
                    ...self::posts($even, $own, $always->rear_N, $fallen->rear_N, $always->rearAcross_N, $rear, $this->shape->rear_m),
                ],
                [
                    $this->moment($even, $own, $always->front_N, $fallen->front_N, $always->frontAcross_N),
                    $this->moment($even, $own, $always->rear_N, $fallen->rear_N, $always->rearAcross_N),
                ],
                braced: $braced,
                braces: $pulls,
                pushesAnew: $pushesAnew,
            );
        }

        return $cases;
    }

    /**
     * Of braced posts what bends them, the same at the ground as of others, and what pulls the braces.
     *
     * @param list<Frame> $frames
     *
     * @return array{list<array{top_N: float, presses_N: float, bent: non-empty-list<array{float, float}>, bow_Nm3: float}>, list<array{float, float, float}>, list<float>}
     */
    private function braced(AlongRow $even, AlongRow $own, Stance $always, Stance $fallen, array $frames): array
    {
        $stiff = array_map(static fn (Frame $frame): float => 1 / $frame->give, $frames);
        $uneven = $stiff !== [] && max($stiff) > self::UNEVEN ** 3 * min($stiff);
        $braced = $ground = $pulls = [];
        foreach ([false, true] as $isRear) {
            foreach ($frames as $post => $frame) {
                $share = $uneven ? max($even->posts[$post], $stiff[$post] / array_sum($stiff)) : $even->posts[$post];
                $push_N = $share * ($always->frontAcross_N + $always->rearAcross_N);
                $on = $frame->post($isRear, $push_N, ($isRear ? $this->shape->rear_m : $this->shape->front_m)[$post]);
                $top_N = $even->posts[$post] * ($isRear ? $always->rear_N : $always->front_N) + $own->posts[$post] * ($isRear ? $fallen->rear_N
                    : $fallen->front_N);
                $presses_N = $top_N + $on['presses_N'];
                $braced[] = [
                    'top_N' => abs($on['top_N']), 'presses_N' => $top_N, 'bent' => [[$presses_N, abs($on['moment_Nm'])], [$top_N, abs($on['at_brace_Nm'])]],
                    'bow_Nm3' => abs($on['bow_Nm3']),
                ];
                $ground[] = [$presses_N, abs($on['across_N']), $on['across_N'] < 0.0 ? -$on['moment_Nm'] : $on['moment_Nm']];
                array_push($pulls, ...$isRear ? [] : [$frame->pull * $push_N]);
            }
        }

        return [$braced, $ground, $pulls];
    }

    /**
     * @param non-empty-list<float> $stiffness
     * @param non-empty-list<float> $heights_m
     *
     * @return list<array{float, float, float}>
     */
    private static function posts(
        AlongRow $even,
        AlongRow $own,
        float $always_N,
        float $fallen_N,
        float $across_N,
        array $stiffness,
        array $heights_m,
    ): array {
        $uneven = max($stiffness) > self::UNEVEN ** 3 * min($stiffness);
        $posts = [];
        foreach ($even->posts as $post => $share) {
            $sideways = $uneven ? max($share, $stiffness[$post] / array_sum($stiffness)) : $share;
            $push_N = abs($sideways * $across_N);
            $posts[] = [$share * $always_N + $own->posts[$post] * $fallen_N, $push_N, $push_N * $heights_m[$post]];
        }

        return $posts;
    }

    /** Greatest in a beam, of what bends it up and down and across. */
    private function moment(AlongRow $even, AlongRow $own, float $always_N, float $fallen_N, float $across_N): float
    {
        $most = 0.0;
        foreach ($even->moments_m as $place => $lever_m) {
            [$up_Nm, $across_Nm] = [$lever_m * $always_N + $own->moments_m[$place] * $fallen_N, $lever_m * $across_N];
            $most = max($most, $this->beam?->bentBy($up_Nm, $across_Nm) ?? hypot($up_Nm, $across_Nm));
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
        $push_N = $this->loads->along_N($this->shape, $this->shape->offset_m + $this->sizes->beamDepth->toMetres());
        $each = $push_N / (array_sum($front) + array_sum($rear));
        $cases = [];
        foreach ($this->loads->combinations->ofWind() as [$name, $dead]) {
            $weight = Stance::under($this->shape, 0.0, 0.0, [[$dead * $this->dead_N, $this->shape->chord_m / 2]], 0.5);
            foreach ($this->even as $even) {
                $cases[] = new TableCase(
                    $name,
                    'open_wind.along',
                    TableLoads::NO_SNOW,
                    $isSoft,
                    [
                        ...self::pushed($even, $weight->front_N, $front, $each, $this->shape->front_m),
                        ...self::pushed($even, $weight->rear_N, $rear, $each, $this->shape->rear_m),
                    ],
                    [$this->moment($even, $even, $weight->front_N, 0.0, 0.0), $this->moment($even, $even, $weight->rear_N, 0.0, 0.0)],
                );
            }
        }

        return $cases;
    }

    /**
     * @param non-empty-list<float> $stiffness
     * @param non-empty-list<float> $heights_m
     *
     * @return list<array{float, float, float}> Each post pushed by its stiffness
     */
    private static function pushed(AlongRow $even, float $row_N, array $stiffness, float $each, array $heights_m): array
    {
        $posts = [];
        foreach ($even->posts as $post => $share) {
            $push_N = $each * $stiffness[$post];
            $posts[] = [$share * $row_N, $push_N, $push_N * $heights_m[$post]];
        }

        return $posts;
    }
}
