<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Field\Bag;
use Garnetine\Core\Design\Ground\Field\Soil;
use Garnetine\Core\Design\Ground\Field\SoilKind;
use Garnetine\Core\Design\Ground\Table;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * What one post in concrete holds in the ground, by how deep it stands. Sideways as an embedded post that nothing holds at the ground,
 * P = S1·b·d²/(2.34·(d + 1.09·h)) with S1 at a third of the depth; upward 0.6 of the concrete and what sticks to its side below frost;
 * downward on its foot or by its side, never both.
 *
 * Source: IBC 2018, §§1806.2, 1807.3.2.1, solved for the force; recalled. Nothing is added for wind. Side friction by the cohesion of clay is a choice.
 */
final readonly class PostInGround implements Foundation
{
    private const POSTS = 'ibc_2018/posts';
    private const CONCRETE = 'practice/concrete';
    private const ADFREEZE = 'practice/adfreeze';
    /** Steps in which holes are dug deeper. */
    private const STEP_IN = 6;
    private const STEP_MM = 150;
    private const PSF_Pa = 47.880258980336;
    private const FT_M = 0.3048;

    /** @param list<string> $from */
    private function __construct(
        private SoilValues $soil,
        public float $hole_m,
        private float $frost_m,
        /** Allowable against the side for each foot of depth, and up to how many times that. */
        private float $lateral_psf,
        private float $mostTimes,
        private float $factor,
        private float $perHeight,
        private Coefficients $coefficients,
        private array $from,
        /** By which frozen ground grips its side; null where it does not. */
        private ?string $bond,
    ) {
    }

    /**
     * @param list<string> $heightFrom Where it was entered how high it is pushed
     * @param float|null $wide_m Of what stands in the ground where no hole is dug for it
     * @param string $soilAt Where its soil was entered
     */
    public static function of(
        Table $table,
        Coefficients $coefficients,
        array $heightFrom = [],
        ?float $wide_m = null,
        string $soilAt = '/table/soil/kind',
    ): self {
        return new self(
            $soil = SoilValues::of($table->soil, $coefficients, $soilAt),
            $wide_m ?? $table->footing->hole->toMetres(),
            $table->soil->frostDepth->toMetres(),
            $soil->lateral_psf() * ($table->footing->doubling?->isNamed() === true ? $coefficients->value(self::POSTS, 'doubled') : 1.0),
            $coefficients->value(self::POSTS, 'most_times'),
            $coefficients->value(self::POSTS, 'factor'),
            $coefficients->value(self::POSTS, 'height_factor') / 4,
            $coefficients,
            $heightFrom,
            self::isGripped($table->soil)
                ? ($table->soil->kind === SoilKind::Clay ? 'clay' : 'gravel').($wide_m === null ? '/concrete_kPa' : '/steel_kPa') : null,
        );
    }

    /** Whether frozen ground may grip what stands in it. */
    public static function isGripped(Soil $soil): bool
    {
        return $soil->frostDepth->toMetres() > 0.0 && $soil->frostProne !== YesNo::No && $soil->parted !== YesNo::Yes;
    }

    public function frozen_N(float $depth_m): ?array
    {
        $grip_N = $this->grips_N(M_PI * $this->hole_m);

        return $grip_N === null ? null : [$grip_N, $this->volume_m3($depth_m) * $this->density('concrete_pcf') + $this->side_N($depth_m), [
            '/table/footing/hole_m', ...$this->gripFrom(),
        ]];
    }

    /**
     * @param float $round_m Its circumference
     *
     * @return float|null Null where frost does not grip it
     */
    public function grips_N(float $round_m): ?float
    {
        return $this->bond === null ? null : 1000 * $this->coefficients->value(self::ADFREEZE, $this->bond) * $round_m * $this->frost_m;
    }

    /** How much of a depth lies below the frost. */
    public function below(float $depth_m): float
    {
        return max(0.0, 1 - $this->frost_m / max($depth_m, 1e-6));
    }

    /** @return list<string> */
    public function gripFrom(): array
    {
        return ['/table/soil/frost_depth_m', '/table/soil/kind', 'coefficient:'.self::ADFREEZE."/{$this->bond}"];
    }

    /** @return list<float> In steps, from below the frost to as deep as the formula goes */
    public function depths_m(UnitSystem $units): array
    {
        $step_m = $units === UnitSystem::Us ? self::STEP_IN * 0.0254 : self::STEP_MM / 1000;
        $depths_m = [];
        for ($step = (int) ceil($this->least_m() / $step_m - 1e-9); $step * $step_m <= $this->deepest_m() + 1e-9; ++$step) {
            $depths_m[] = $step * $step_m;
        }

        return $depths_m;
    }

    /** Least that a foundation goes down: below frost, and never less than the code asks. */
    public function least_m(): float
    {
        return max($this->frost_m, $this->coefficients->value(self::POSTS, 'least_depth_in') * 0.0254);
    }

    /** So deep the formula goes. */
    public function deepest_m(): float
    {
        return $this->coefficients->value(self::POSTS, 'deepest_ft') * self::FT_M;
    }

    /** Allowable pressure against the side, at a third of the depth. */
    public function side_Pa(float $depth_m): float
    {
        return $this->lateral_psf * min($depth_m / 3 / self::FT_M, $this->mostTimes) * self::PSF_Pa;
    }

    /** What a force so high over the ground is divided by: its depth, and a little more than its height. */
    public function lever_m(float $depth_m, float $height_m): float
    {
        return $depth_m + $this->perHeight * $height_m;
    }

    /** @param float $height_m Of the force over the ground */
    public function sideways_N(float $depth_m, float $height_m): float
    {
        return $this->side_Pa($depth_m) * $this->hole_m * $depth_m ** 2 / ($this->factor * $this->lever_m($depth_m, $height_m));
    }

    public function up_N(float $depth_m): float
    {
        return 0.6 * $this->volume_m3($depth_m) * $this->density('concrete_pcf') + $this->side_N($depth_m);
    }

    /** Less what the concrete weighs more than the soil that it took the place of. */
    public function down_N(float $depth_m): float
    {
        $foot_N = M_PI / 4 * $this->hole_m ** 2 * $this->soil->bearing_Pa();

        return max($foot_N, $this->side_N($depth_m)) - $this->volume_m3($depth_m) * ($this->density('concrete_pcf') - $this->density('soil_pcf'));
    }

    public function why(string $what, float $depth_m): array
    {
        $hole = ['hole_m' => $this->hole_m];

        return match ($what) {
            'sideways' => ['sideways', $hole + ['side_Pa' => $this->side_Pa($depth_m)], $this->soil->source('§1807.3.2.1'), [
                '/table/footing/hole_m', ...$this->from, ...$this->soil->from('lateral'),
            ]],
            'lift' => ['lift', $hole, null, [
                '/table/footing/hole_m', $this->soil->from('lateral')[0], '/table/soil/frost_depth_m', 'coefficient:'.self::CONCRETE.'/concrete_pcf',
            ]],
            'press' => ['press', $hole, $this->soil->source(), [
                '/table/footing/hole_m', ...$this->soil->from('bearing'),
            ]],
        };
    }

    /** What sticks to the side below frost, at least below the loose top; nothing in soils that have no such value. */
    private function side_N(float $depth_m): float
    {
        $loose_m = max($this->frost_m, $this->coefficients->value(self::CONCRETE, 'loose_ft') * self::FT_M);

        return $this->soil->side_Pa() * M_PI * $this->hole_m * max(0.0, $depth_m - $loose_m);
    }

    public function volume_m3(float $depth_m): float
    {
        return M_PI / 4 * $this->hole_m ** 2 * $depth_m;
    }

    /**
     * Bags for one hole round its post, with waste, up to a quarter.
     *
     * @param float $post_m2 Cross-section of the post
     */
    public function bags(float $depth_m, float $post_m2, Bag $bag): float
    {
        $volume_ft3 = (M_PI / 4 * $this->hole_m ** 2 - $post_m2) * $depth_m / self::FT_M ** 3;
        $bags = $volume_ft3 * $this->coefficients->value(self::CONCRETE, 'waste') / $this->coefficients->value(self::CONCRETE, 'yield_ft3/'.$bag->value);

        return ceil(4 * $bags - 1e-6) / 4;
    }

    /** Weight per volume. */
    private function density(string $key): float
    {
        return $this->coefficients->value(self::CONCRETE, $key) * self::PSF_Pa / self::FT_M;
    }
}
