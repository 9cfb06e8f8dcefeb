<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\PartialSnow;
use Garnetine\Core\Attachment\Beam\RunWinds;
use Garnetine\Core\Attachment\Beam\UnitLayout;
use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;

/**
 * A bound on how much worse a layout gets when one foot stands off its mark, so that most moved layouts need not be solved.
 *
 * A support that moves by dx changes the moment at any section by η′·R·dx and the reaction of another support by ρ′·R·dx: R is
 * its own reaction (over itself, the larger of the shears beside it), η′ and ρ′ are the slopes there of the influence lines of
 * that moment and that reaction, and what a unit couple at that support makes of them. A line with a unit kink has no slope
 * beyond 1, one with a unit step none beyond 2 over the shortest bay; over hinges the beam is asked. This holds for every load,
 * pattern and case.
 *
 * Source: statics, Müller-Breslau; the tests hold it against layouts that are solved.
 *
 * @internal
 */
final class FootMoves
{
    /** Slope of an influence line of a reaction, times the shortest bay; a fifth more than its bound. */
    private const STEP = 2.4;

    /** The most that the interaction in a lag, by the angle, grows with one of its two ratios. */
    private const TOGETHER = 1.09;

    private readonly float $tolerance_m;

    /** @var list<array{float, float, float, float, float}> Of each case, by size: the wind; normal and along of what goes with the shares; the same of snow in patterns */
    private array $cases = [];

    /** @var list<float> Of each case, what a force normal to the roof, and one along it, adds to the worst link of a foot */
    private array $perNormal = [];

    /** @var list<float> */
    private array $perAlong = [];

    private readonly float $railNormal;
    private readonly float $railAlong;

    private readonly RunWinds $winds;

    public function __construct(RunCheck $check)
    {
        $c = $check->capacities;
        $this->winds = $check->winds;
        $this->tolerance_m = $c->placing->tolerance_m;
        $this->railNormal = max(1 / $c->railNormal_Nm, 1 / $c->splice_Nm);
        $this->railAlong = max(1 / $c->railAlong_Nm, 1 / $c->splice_Nm);
        // Either kind of foot may be the one that is moved, or that one of its neighbours is.
        foreach ($check->edge === null ? [$c] : [$c, $check->edge->capacities] as $feet) {
            foreach ([...$check->down, ...$check->up] as $case) {
                $this->add($feet, $case, 0.0, 0.0);
            }
            foreach ($check->partials as $partial) {
                $this->add($feet, $partial->case, $partial->snowNormal_N, $partial->snowAlong_N);
            }
        }
    }

    private function add(Capacities $c, LoadCase $case, float $snowNormal_N, float $snowAlong_N): void
    {
        $this->cases[] = [$case->windUp, abs($case->normal_N - $snowNormal_N), abs($case->along_N - $snowAlong_N), abs($snowNormal_N), abs($snowAlong_N)];
        $withdrawal_N = $c->withdrawal_N($case->cd);
        $lateral_N = $c->lateral_N($case->cd);
        $normal = max(
            1 / $c->legUp_N,
            1 / $c->legDown_N,
            1 / $c->boltUp_N,
            1 / $c->footUp_N,
            1 / $c->footDown_N,
            1 / $c->armEnd_N,
            self::TOGETHER * max($c->lever->mostPerUp(), $c->lever->mostPerDown()) / $withdrawal_N,
        );
        $push = max(
            1 / $c->legAlong_N,
            1 / $c->boltAlong_N,
            1 / $c->footAlong_N,
            $c->armPerAlong / $c->armEnd_N,
            self::TOGETHER * ($c->lever->perAlong() / $withdrawal_N + $c->lever->lateralShare() / $lateral_N),
        );
        // On legs each of both brings something of both to a foot.
        $this->perNormal[] = $c->legs === null ? $normal : abs($c->legs->upPerUp) * $normal + abs($c->legs->alongPerUp) * $push;
        $this->perAlong[] = $c->legs === null ? $push : abs($c->legs->upPerAlong) * $normal + abs($c->legs->alongPerAlong) * $push;
    }

    /**
     * For each foot, a ratio that the layout does not exceed with it moved by the placing tolerance, either way.
     *
     * @param float $worst Of the layout as it stands
     * @param \Closure(): float $rail The worst of the rail alone; asked when the other is not enough
     *
     * @return list<float>
     */
    public function bounds(UnitLayout $layout, float $worst, \Closure $rail): array
    {
        $t = $this->tolerance_m;
        $shortest_m = INF;
        foreach ($layout->bays as $bay) {
            $shortest_m = min($shortest_m, $bay->length_m);
        }
        [$winds_N, $eased] = $this->most($layout);
        $snow = $layout->snow();
        $bounds = [];
        $worstRail = null;
        foreach (array_keys($layout->feet_m) as $foot) {
            [$railGrows, $footGrows] = $this->grows($layout, $foot, $winds_N, $snow);
            [$slope, $step] = $layout->slopes($foot) ?? [1.0, self::STEP / $shortest_m];
            $grown = 1 + 2 * $step * $t;
            $railGrows *= $grown * $slope * $t;
            $footGrows *= $grown * $step * $t;
            if ($railGrows > $footGrows && $worst * (1 + 2 * $eased) + $railGrows > 1.0) {
                $worstRail ??= $rail();
            }
            $bounds[] = max(($worstRail ?? $worst) * (1 + 2 * $eased) + $railGrows, $worst * (1 + 2 * $eased) + $footGrows);
        }

        return $bounds;
    }

    /**
     * What moving a foot adds to the worst ratio of the rail for a unit slope of its influence line, and to that of a foot.
     *
     * @param list<float> $winds_N
     *
     * @return array{float, float}
     */
    private function grows(UnitLayout $layout, int $foot, array $winds_N, ?PartialSnow $snow): array
    {
        $most = $layout->mostAt($foot, $this->tolerance_m);
        $wind_N = 0.0;
        foreach ($winds_N as $unit => $force_N) {
            $wind_N += $force_N * $most[$unit];
        }
        $pattern = $snow === null ? 0.0 : $layout->mostPatternAt($snow, $foot, $this->tolerance_m);
        if (is_infinite($pattern)) {
            return [INF, INF];
        }
        $rail = $feet = 0.0;
        foreach ($this->cases as $index => [$windUp, $normal, $along, $snowNormal_N, $snowAlong_N]) {
            $normal_N = max($windUp * $wind_N, $normal * $most[0] + $snowNormal_N * $pattern);
            $along_N = $along * $most[0] + $snowAlong_N * $pattern;
            $rail = max($rail, $normal_N * $this->railNormal + $along_N * $this->railAlong);
            $feet = max($feet, $normal_N * $this->perNormal[$index] + $along_N * $this->perAlong[$index]);
        }

        return [$rail, $feet];
    }

    /**
     * The strongest suctions on any bay or foot, moved or not, and by how much a move strengthens them at most.
     *
     * @return array{list<float>, float}
     */
    private function most(UnitLayout $layout): array
    {
        $t = $this->tolerance_m;
        $lengths = [];
        foreach ($layout->bays as $bay) {
            $lengths[] = [$this->winds->bay_N($bay->length_m), $this->winds->bay_N(max(0.0, $bay->length_m - $t))];
        }
        foreach (array_keys($layout->feet_m) as $foot) {
            $tributary_m = $layout->tributary_m($foot);
            $lengths[] = [$this->winds->foot_N($tributary_m), $this->winds->foot_N(max(0.0, $tributary_m - $t))];
        }
        foreach ([$layout->overhangLeft_m, $layout->overhangRight_m] as $length_m) {
            $lengths[] = [$this->winds->bay_N(max(0.0, $length_m)), $this->winds->bay_N(max(0.0, $length_m - $t))];
        }
        $most_N = [];
        $eased = 0.0;
        foreach ($lengths as [$before_N, $after_N]) {
            foreach ($after_N as $unit => $force_N) {
                $most_N[$unit] = max($most_N[$unit] ?? 0.0, abs($force_N), abs($before_N[$unit]));
                $eased = $before_N[$unit] > 1e-9 ? max($eased, $force_N / $before_N[$unit] - 1) : $eased;
            }
        }

        return [array_values($most_N), $eased];
    }
}
