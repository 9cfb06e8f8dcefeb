<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

use Garnetine\Core\Rail\ContinuousBeam;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Rail\SingularBeam;

/**
 * What runs have in common whose clamps stand alike: the rail under unit loads, whatever the size of the loads.
 *
 * Unit 0 is the share of a module at each clamp. A suction that all modules of a line meet alike is a multiple of it. For every
 * other one follows a unit of its own, the areas that the clamps hold down over the largest of them: on two lines of one row they
 * differ in size alone. A roof has many lines and few shapes, so that bays and layouts of feet are solved here once for all lines.
 *
 * @internal
 */
final class RunShape
{
    /** Layouts remembered, the oldest go first; fewer of many feet, since partial snow takes the square of them. */
    private const LAYOUTS = 400;
    private const NUMBERS = 100_000;

    /** Loads over the largest of them that are taken for equal. */
    private const EQUAL = 1e-12;

    /** @var array<int, array<int, Bay>> By the ends, in ten millionths of a metre */
    private array $bays = [];

    /** @var array<int, list<array{float, float}>> */
    private array $left = [];

    /** @var array<int, list<array{float, float}>> */
    private array $right = [];

    /** @var array<string, UnitLayout> */
    private array $layouts = [];

    private ?self $turned = null;

    /**
     * @param list<float> $clamps_m
     * @param non-empty-list<list<float>> $units
     * @param list<float> $splices_m Those with an allowable moment
     * @param list<float> $hinges_m Those without
     * @param float $lightSnow See Run
     */
    private function __construct(
        public readonly array $clamps_m,
        public readonly array $units,
        private readonly array $splices_m,
        private readonly array $hinges_m,
        public readonly float $lightSnow,
    ) {
    }

    public static function of(Run $run): self
    {
        return new self(
            $run->clamps_m,
            [$run->shares, ...self::patterns($run)],
            $run->spliceIsHinge ? [] : $run->splices_m,
            $run->spliceIsHinge ? $run->splices_m : [],
            $run->lightSnow,
        );
    }

    /** The shape of these runs turned round; runs alike turn alike. */
    public function turned(Run $turned): self
    {
        return $this->turned ??= self::of($turned);
    }

    /** Runs with equal keys have one shape. */
    public static function key(Run $run): string
    {
        return Run::key([$run->clamps_m, $run->shares, ...self::patterns($run), $run->splices_m, [$run->lightSnow]], 7).(int) $run->spliceIsHinge;
    }

    /**
     * For each suction, the unit that it acts as, and how much of it: in modules for the shares, else the largest area that a clamp holds down.
     *
     * @return list<array{int, float}>
     */
    public static function winds(Run $run): array
    {
        return self::inUnits($run, $run->windAreas_m2, 0);
    }

    /**
     * The same of the snow on a rail up the slope, case by case, in N; none of others, where it goes with the shares.
     *
     * @return array<string, array{int, float}>
     */
    public static function snows(Run $run): array
    {
        $loads_N = $run->upSlope->normal_N ?? [];

        return array_combine(array_keys($loads_N), self::inUnits($run, array_values($loads_N), max([0, ...array_column(self::winds($run), 0)])));
    }

    /**
     * @param list<list<float>> $vectors
     * @param int $own Units before these, but for the shares
     *
     * @return list<array{int, float}>
     */
    private static function inUnits(Run $run, array $vectors, int $own): array
    {
        $share = self::size($run->shares);
        $units = [];
        foreach ($vectors as $loads) {
            $size = self::size($loads);
            $isShares = true;
            foreach ($loads as $clamp => $load) {
                $isShares = $isShares && abs($load / $size - $run->shares[$clamp] / $share) <= self::EQUAL;
            }
            $units[] = $isShares ? [0, $size / $share] : [++$own, $size];
        }

        return $units;
    }

    /** @param list<float> $loads */
    private static function size(array $loads): float
    {
        return max([1e-12, ...array_map(abs(...), $loads)]);
    }

    /** @return list<list<float>> Of the loads that are no multiple of the shares */
    private static function patterns(Run $run): array
    {
        $patterns = [];
        $loads = [...$run->windAreas_m2, ...array_values($run->upSlope->normal_N ?? [])];
        foreach ([...self::winds($run), ...array_values(self::snows($run))] as $index => [$unit, $size]) {
            if ($unit > 0) {
                $patterns[] = array_map(static fn (float $load): float => $load / $size, $loads[$index]);
            }
        }

        return $patterns;
    }

    public function bay(float $from_m, float $to_m): Bay
    {
        return $this->bays[(int) ($from_m * 1e7 + 0.5)][(int) ($to_m * 1e7 + 0.5)] ??= $this->newBay($from_m, $to_m);
    }

    private function newBay(float $from_m, float $to_m): Bay
    {
        $at_m = $splices_m = [];
        $units = array_fill(0, count($this->units), []);
        foreach ($this->clamps_m as $index => $clamp_m) {
            if ($clamp_m > $from_m && $clamp_m < $to_m) {
                $at_m[] = $clamp_m - $from_m;
                foreach ($this->units as $unit => $loads) {
                    $units[$unit][] = $loads[$index];
                }
            }
        }
        foreach ($this->splices_m as $splice_m) {
            if ($splice_m > $from_m && $splice_m < $to_m) {
                $splices_m[] = $splice_m - $from_m;
            }
        }
        $hinge_m = null;
        foreach ($this->hinges_m as $at) {
            $hinge_m = $at > $from_m && $at < $to_m ? $at - $from_m : $hinge_m;
        }

        return Bay::under($to_m - $from_m, $at_m, $units, $splices_m, $hinge_m);
    }

    /**
     * Unit moments over a foot from the loads beyond it, and their sums; clamps on the foot itself count in the sum.
     *
     * @return list<array{float, float}>
     */
    public function beyond(float $foot_m, bool $isLeft): array
    {
        $key = (int) ($foot_m * 1e7 + 0.5);

        return $isLeft ? $this->left[$key] ??= $this->newEnd($foot_m, true) : $this->right[$key] ??= $this->newEnd($foot_m, false);
    }

    /** @return list<array{float, float}> */
    private function newEnd(float $foot_m, bool $isLeft): array
    {
        $ends = [];
        foreach ($this->units as $unit) {
            $moment = $sum = 0.0;
            foreach ($this->clamps_m as $index => $clamp_m) {
                $arm_m = $isLeft ? $foot_m - $clamp_m : $clamp_m - $foot_m;
                if ($arm_m >= 0.0) {
                    $moment -= $unit[$index] * $arm_m;
                    $sum += $unit[$index];
                }
            }
            $ends[] = [$moment, $sum];
        }

        return $ends;
    }

    /** @param list<float> $feet_m Ascending, at least two */
    public function layout(array $feet_m): UnitLayout
    {
        $key = pack('d*', ...$feet_m);

        return $this->layouts[$key] ?? $this->keep($key, new UnitLayout($this, $feet_m));
    }

    public function hasHinges(): bool
    {
        return $this->hinges_m !== [];
    }

    /**
     * The same with a hinge at each splice without an allowable moment; null when the feet do not carry that.
     *
     * @param list<float> $feet_m
     */
    public function hinged(array $feet_m): ?UnitLayout
    {
        $key = 'hinged '.pack('d*', ...$feet_m);
        try {
            return $this->layouts[$key] ?? $this->keep($key, new UnitLayout($this, $feet_m, new ContinuousBeam($feet_m, $this->hinges_m)));
        } catch (SingularBeam) {
            return null;
        }
    }

    private function keep(string $key, UnitLayout $layout): UnitLayout
    {
        if (count($this->layouts) >= min(self::LAYOUTS, intdiv(self::NUMBERS, count($layout->feet_m) ** 2) + 1)) {
            array_shift($this->layouts);
        }

        return $this->layouts[$key] = $layout;
    }
}
