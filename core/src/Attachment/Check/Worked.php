<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\PartialSnow;
use Garnetine\Core\Attachment\RunPlan;

/**
 * The span of rail and the foot that are loaded most, worked out so that somebody follows them by hand: every load at every clamp
 * in the one state that governs. It is found by trying all states again, apart from the checks that chose it.
 */
final readonly class Worked
{
    private function __construct(
        public RunPlan $run,
        public WorkedState $state,
        /** Of the span: its bay from 0, null for an overhang; of the foot: the foot. */
        public ?int $place,
        /** Where the rail is bent most. */
        public float $at_m,
        public float $normal_Nm,
        public float $along_Nm,
        public float $ratio,
        /** The foot's links in this state, the worst first. */
        public ?AttachmentVerdict $foot = null,
    ) {
    }

    /**
     * The span with the largest bending ratio of all runs.
     *
     * @param list<RunPlan> $runs
     */
    public static function span(array $runs): ?self
    {
        $run = self::largest($runs, static fn (RunVerdict $verdict): float => $verdict->rail->ratio ?? 0.0);
        $verdict = $run?->verdict();
        if ($run === null || $verdict?->rail === null) {
            return null;
        }
        $feet_m = $run->feet_m();
        $worst = null;
        foreach (self::areas($run, $verdict->railAt_m) as [$bay, $length_m]) {
            foreach (self::states($run, $verdict->rail->case, $length_m * max($run->run->tributary_m, $length_m / 3)) as $state) {
                $at = $bay ?? ($verdict->railAt_m <= $feet_m[0] + 1e-9 ? 0 : count($feet_m) - 2);
                $normal_Nm = $state->normal->momentInSpan_Nm($at, $verdict->railAt_m - $feet_m[$at]);
                $along_Nm = $state->along->momentInSpan_Nm($at, $verdict->railAt_m - $feet_m[$at]);
                $ratio = abs($normal_Nm) / $run->check->capacities->railNormal_Nm + abs($along_Nm) / $run->check->capacities->railAlong_Nm;
                if ($worst === null || abs($ratio - $verdict->rail->ratio) < abs($worst->ratio - $verdict->rail->ratio) - 1e-12) {
                    $worst = new self($run, $state, $bay, $verdict->railAt_m, abs($normal_Nm), abs($along_Nm), $ratio);
                }
            }
        }

        return $worst;
    }

    /**
     * The foot with the weakest link of all.
     *
     * @param list<RunPlan> $runs
     */
    public static function foot(array $runs): ?self
    {
        $of = static fn (RunVerdict $verdict): float => max(
            [0.0, ...array_map(static fn (AttachmentVerdict $foot): float => $foot->worst->ratio, $verdict->attachments)],
        );
        $run = self::largest($runs, $of);
        $verdict = $run?->verdict();
        if ($run === null || $verdict === null) {
            return null;
        }
        foreach ($verdict->attachments as $place => $foot) {
            if ($foot->worst->ratio < $of($verdict)) {
                continue;
            }
            $worst = null;
            foreach (self::states($run, $foot->worst->case, $foot->tributary_m * $run->run->tributary_m) as $state) {
                $tally = new FootTally($foot->isEdge ? $run->check->edge->capacities ?? $run->check->capacities : $run->check->capacities, true);
                $up_N = $state->normal->reactions_N[$place];
                $heel_N = $foot->worst->case->windUp > 0.0
                    ? 0.0
                    : max(0.0, min(-$up_N, -$up_N - ($foot->worst->case->normal_N - $foot->worst->case->heel_N) * $foot->modules));
                $tally->add($foot->worst->case, $up_N, $state->along->reactions_N[$place], $heel_N);
                if ($worst === null || abs($tally->ratio() - $foot->worst->ratio) < abs($worst->ratio - $foot->worst->ratio) - 1e-12) {
                    $worst = new self(
                        $run,
                        $state,
                        $place,
                        $foot->x_m,
                        0.0,
                        0.0,
                        $tally->ratio(),
                        $tally->verdict($foot->x_m, $foot->tributary_m, $foot->modules, $foot->isEdge),
                    );
                }
            }

            return $worst;
        }

        return null;
    }

    /**
     * @param list<RunPlan> $runs
     * @param \Closure(RunVerdict): float $of
     */
    private static function largest(array $runs, \Closure $of): ?RunPlan
    {
        $largest = null;
        foreach ($runs as $run) {
            if ($run->verdict() !== null && ($largest === null || $of($run->verdict()) > $of($largest->verdict() ?? $run->verdict()) + 1e-12)) {
                $largest = $run;
            }
        }

        return $largest;
    }

    /** @return list<array{int|null, float}> The bays, and the overhang, that end or lie at a place of the rail, with their lengths */
    private static function areas(RunPlan $run, float $at_m): array
    {
        $feet_m = $run->feet_m();
        $last = count($feet_m) - 1;
        $clamps_m = $run->run->clamps_m;
        $areas = [];
        for ($bay = 0; $bay < $last; ++$bay) {
            if ($at_m >= $feet_m[$bay] - 1e-9 && $at_m <= $feet_m[$bay + 1] + 1e-9) {
                $areas[] = [$bay, $feet_m[$bay + 1] - $feet_m[$bay]];
            }
        }
        foreach ([[$feet_m[0], $feet_m[0] - $clamps_m[0]], [$feet_m[$last], $clamps_m[count($clamps_m) - 1] - $feet_m[$last]]] as [$foot_m, $length_m]) {
            if (abs($at_m - $foot_m) <= 1e-9 && $length_m > 1e-9) {
                $areas[] = [null, $length_m];
            }
        }

        return $areas;
    }

    /** @return iterable<WorkedState> Whole, in every pattern of partial snow, and over hinges too */
    private static function states(RunPlan $run, LoadCase $case, float $area_m2): iterable
    {
        $feet_m = $run->feet_m();
        $clamps_m = $run->run->clamps_m;
        $full = array_fill(0, count($clamps_m), 1.0);
        $patterns = $case->snow === 'balanced' ? [$full, ...PartialSnow::onClamps($feet_m, $clamps_m, $run->run->lightSnow)] : [$full];
        foreach ($run->run->spliceIsHinge && $run->run->splices_m !== [] ? [[], $run->run->splices_m] : [[]] as $hinges_m) {
            foreach ($patterns as $snow) {
                yield WorkedState::of($run->run, $feet_m, $hinges_m, $case, $area_m2, $snow);
            }
        }
    }
}
