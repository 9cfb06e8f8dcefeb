<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Beam\AxialRail;
use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\PartialSnow;
use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Beam\UnitLayout;
use Garnetine\Core\Attachment\Search\LeastFeet;
use Garnetine\Core\Rail\Run;

/**
 * A run up the slope: what slides pushes along its rail, which it does not bend. Every foot is fixed along the rail and takes the
 * larger of an even part of the push and of its part of what presses on the feet.
 *
 * Loads may differ from clamp to clamp by themselves, as snow near a ridge does, so that each case is looked at as it is.
 *
 * Source: statics; how the push is shared is a choice on the safe side.
 */
final class AxialCheck extends RunCheck
{
    /** @var array<string, float> By feet */
    private array $worsts = [];

    /** @var list<LoadCase> In the order in which layouts are refused */
    private array $first = [];

    /** @var array<string, array{int, float}>|null See RunShape::snows() */
    private ?array $snows = null;

    public function worst(array $feet_m, float $limit = INF): float
    {
        $key = pack('d*', ...$feet_m);
        if (isset($this->worsts[$key])) {
            return $this->worsts[$key];
        }
        $this->work?->take(count($feet_m) ** 2);
        if (count($feet_m) > 1 && !$this->staysInTable($feet_m)) {
            return $this->worsts[$key] = INF;
        }
        if (count($feet_m) > 1 && is_finite($limit) && $this->everyPieceStands($feet_m)) {
            $fails = $this->failing($this->shape->layout($feet_m), $limit);
            if ($fails !== null) {
                return $fails;
            }
        }

        return $this->worsts[$key] = $this->of($feet_m)->worst;
    }

    /** Fewer feet than these do not hold, wherever they stand. */
    public function leastFeet(): int
    {
        $most = 0.0;
        $shares = array_sum($this->run->shares);
        foreach ([...$this->down, ...$this->up] as $case) {
            $normal_N = $case->normal_N * $shares;
            $own_N = $this->run->upSlope->normal_N[$case->snow ?? ''] ?? null;
            if ($own_N !== null) {
                $normal_N += $case->snowFactor * (array_sum($own_N) - $this->run->snow_N[$case->snow][0] * $shares);
            }
            $most = max(
                $most,
                LeastFeet::of($this->capacities, $case->cd, $case->windUp * $this->winds->least_N() - $normal_N, self::along_N($this->run, $case)),
            );
        }

        return max(2, (int) ceil($most - 1e-9));
    }

    /** A ratio of some foot that is beyond a limit; null where none is. The case that it fails in is asked first the next time. */
    private function failing(UnitLayout $layout, float $limit): ?float
    {
        $this->first = $this->first === [] ? [...$this->down, ...$this->up] : $this->first;
        $feet = array_keys($layout->feet_m);
        $winds_N = $this->winds_N($layout);
        foreach ($this->first as $place => $case) {
            $tallies = array_map(fn (): FootTally => new FootTally($this->capacities), $feet);
            $this->weigh(
                $tallies,
                $case,
                $layout,
                array_map(fn (int $foot): float => $this->effect($case, array_column($layout->reactions, $foot)), $feet),
                $winds_N,
            );
            foreach ($tallies as $tally) {
                if ($tally->ratio() > $limit) {
                    $others = $this->first;
                    unset($others[$place]);
                    $this->first = [$case, ...array_values($others)];

                    return $tally->ratio();
                }
            }
        }

        return null;
    }

    /** @return list<float> What the wind pulls at each foot, before its factor */
    private function winds_N(UnitLayout $layout): array
    {
        return array_map(function (int $foot) use ($layout): float {
            $wind_N = 0.0;
            foreach ($this->winds->foot_N($layout->tributary_m($foot)) as $unit => $force_N) {
                $wind_N += $force_N * $layout->reactions[$unit][$foot];
            }

            return $wind_N;
        }, array_keys($layout->feet_m));
    }

    /** Whether a foot may be the first, or the last: what is beyond it bends the rail over it whatever the others are. */
    public function mayEnd(float $foot_m, bool $isLeft): bool
    {
        $rail = new AxialRail($this->capacities, $this->down[0]);
        $clamps_m = $this->shape->clamps_m;
        $length_m = $isLeft ? $foot_m - $clamps_m[0] : $clamps_m[count($clamps_m) - 1] - $foot_m;
        if ($length_m > 1e-9) {
            $this->section($rail, array_column($this->shape->beyond($foot_m, $isLeft), 0), $length_m, $foot_m, false);
        }

        return $this->mayHang($foot_m, $isLeft) && $rail->worst() <= $this->capacities->placing->limit;
    }

    /** Whether two feet may follow one another: over a bay half of the moment of a simple beam stays somewhere, be it at its ends. */
    public function maySpan(float $from_m, float $to_m): bool
    {
        $rail = new AxialRail($this->capacities, $this->down[0]);
        $bay = $this->shape->bay($from_m, $to_m);
        foreach (array_keys($bay->sections) as $section) {
            $this->section($rail, array_column($bay->unitSections, $section), $bay->length_m, $from_m, false);
        }

        return ($this->spans?->mayBay($to_m - $from_m) ?? true) && $rail->worst() / 2 <= $this->capacities->placing->limit;
    }

    protected function holdsAnyMoved(array $feet_m, float $worst): bool
    {
        $off_m = $this->capacities->placing->tolerance_m;
        foreach ($off_m > 0.0 ? $feet_m : [] as $place => $x_m) {
            foreach ([-$off_m, $off_m] as $by_m) {
                $moved_m = $feet_m;
                $moved_m[$place] = $x_m + $by_m;
                if ($this->worst(array_values($moved_m)) > Placing::MOVED) {
                    return false;
                }
            }
        }

        return true;
    }

    protected function check(UnitLayout $layout, bool $byLink): RunVerdict
    {
        $snow = $this->partials === [] ? null : $layout->snow();
        $attachments = [];
        $worst = 0.0;
        foreach ($this->feet($layout, $snow, $byLink) as $foot => $tally) {
            $attachments[] = $tally->verdict($layout->feet_m[$foot], $layout->tributary_m($foot), $layout->reactions[0][$foot]);
            $worst = max($worst, $tally->ratio());
        }
        $rail = $this->rail($layout, $snow);

        return new RunVerdict(max($worst, $rail->worst()), $attachments, $rail->rail(), $rail->at_m, $rail->splice(), $rail->moment_Nm, 0.0);
    }

    /** @return list<FootTally> */
    private function feet(UnitLayout $layout, ?PartialSnow $snow, bool $byLink): array
    {
        $feet = array_keys($layout->feet_m);
        $tallies = array_map(fn (): FootTally => new FootTally($this->capacities, $byLink), $feet);
        $winds_N = $this->winds_N($layout);
        foreach ([...$this->down, ...$this->up] as $case) {
            $normals_N = array_map(fn (int $foot): float => $this->effect($case, array_column($layout->reactions, $foot)), $feet);
            $this->weigh($tallies, $case, $layout, $normals_N, $winds_N);
        }
        $patterns = $snow?->reactions() ?? [];
        foreach ($this->partials as $partial) {
            foreach (array_keys($patterns[0] ?? []) as $pattern) {
                $normals_N = array_map(static fn (int $foot): float => $partial->loads($layout->reactions[0][$foot], $patterns[$foot][$pattern])[0], $feet);
                $this->weigh($tallies, $partial->case, $layout, $normals_N, $winds_N);
            }
        }

        return $tallies;
    }

    /**
     * @param list<FootTally> $tallies
     * @param list<float> $normals_N What presses on each foot
     * @param list<float> $winds_N What pulls at each, before its factor
     */
    private function weigh(array $tallies, LoadCase $case, UnitLayout $layout, array $normals_N, array $winds_N): void
    {
        foreach (self::pushes_N($normals_N, self::along_N($this->run, $case)) as $foot => $along_N) {
            // Dead load does not help.
            $heel_N = $case->windUp > 0.0 ? 0.0 : max(0.0, $normals_N[$foot] - ($case->normal_N - $case->heel_N) * $layout->reactions[0][$foot]);
            $tallies[$foot]->add($case, $case->windUp * $winds_N[$foot] - $normals_N[$foot], $along_N, $heel_N);
        }
    }

    /**
     * How the feet of a rail share what pushes along it.
     *
     * @param list<float> $normals_N What presses on each foot
     *
     * @return list<float> On each
     */
    public static function pushes_N(array $normals_N, float $along_N): array
    {
        $pressed_N = array_map(static fn (float $normal_N): float => max(0.0, $normal_N), $normals_N);
        $all_N = array_sum($pressed_N);

        return array_map(static fn (float $normal_N): float => $along_N * max(1 / count($normals_N), $all_N > 0.0 ? $normal_N / $all_N : 0.0), $pressed_N);
    }

    /** All that pushes along a rail up the slope in a case. */
    public static function along_N(Run $run, LoadCase $case): float
    {
        $shares = array_sum($run->shares);
        $code = $case->snow ?? '';
        $all_N = $run->upSlope->along_N[$code] ?? null;

        return $all_N === null ? $case->along_N * $shares
            : ($case->along_N - $case->snowFactor * $run->snow_N[$code][1]) * $shares + $case->snowFactor * $all_N;
    }

    /**
     * What all that presses in a case makes: the snow by its clamps, the rest by the shares.
     *
     * @param array<int, float> $units What each unit load makes there
     */
    private function effect(LoadCase $case, array $units): float
    {
        $this->snows ??= RunShape::snows($this->run);
        $code = $case->snow ?? '';
        if (!isset($this->snows[$code])) {
            return $case->normal_N * $units[0];
        }
        [$unit, $size_N] = $this->snows[$code];

        return ($case->normal_N - $case->snowFactor * $this->run->snow_N[$code][0]) * $units[0] + $case->snowFactor * $size_N * $units[$unit];
    }

    private function rail(UnitLayout $layout, ?PartialSnow $snow): AxialRail
    {
        $rail = new AxialRail($this->capacities, $this->down[0]);
        $last = count($layout->bays);
        foreach ([[$layout->overhangLeft_m, 0], [$layout->overhangRight_m, $last]] as [$length_m, $foot]) {
            if ($length_m > 1e-9) {
                $this->section($rail, array_column($layout->moments, $foot), $length_m, $layout->feet_m[$foot], false);
            }
        }
        foreach ($layout->bays as $index => $bay) {
            $units = $layout->sections($index);
            $simples = [0.0, 0.0, ...$bay->unitSections[0], ...$bay->unitSplices[0]];
            foreach ([0.0, 1.0, ...$bay->sections, ...$bay->splices] as $section => $share) {
                $isSplice = $section >= 2 + count($bay->sections);
                $x_m = $layout->feet_m[$index] + $share * $bay->length_m;
                $each_Nm = array_column($units, $section);
                $this->section($rail, $each_Nm, $bay->length_m, $x_m, $isSplice);
                foreach ($snow === null ? [] : $snow->extremes($index, $share, $simples[$section]) as $pattern_Nm) {
                    $wind_Nm = $this->wind_Nm($each_Nm, $bay->length_m);
                    foreach ($this->partials as $partial) {
                        $rail->add($partial->case, $partial->case->windUp * $wind_Nm - $partial->loads($each_Nm[0], $pattern_Nm)[0], $x_m, $isSplice);
                    }
                }
            }
        }

        return $rail;
    }

    /** @param array<int, float> $each_Nm By unit */
    private function section(AxialRail $rail, array $each_Nm, float $length_m, float $x_m, bool $isSplice): void
    {
        $wind_Nm = $this->wind_Nm($each_Nm, $length_m);
        foreach ([...$this->down, ...$this->up] as $case) {
            $rail->add($case, $case->windUp * $wind_Nm - $this->effect($case, $each_Nm), $x_m, $isSplice);
        }
    }

    /** @param array<int, float> $each_Nm By unit */
    private function wind_Nm(array $each_Nm, float $length_m): float
    {
        $wind_Nm = 0.0;
        foreach ($this->winds->bay_N($length_m) as $unit => $wind_N) {
            $wind_Nm += $wind_N * $each_Nm[$unit];
        }

        return $wind_Nm;
    }
}
