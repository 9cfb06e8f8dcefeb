<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Check\AxialCheck;
use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Attachment\CrossLayers;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Rail\Run;

/**
 * The lower rails of a block with rails in two layers: of all sets over which every rail across holds, with the fewest lower rails and up to
 * two more, the one whose rails have the fewest feet in all; of equal ones the fewest rails, then the greatest least reserve over layouts of
 * their feet that hold.
 *
 * Sets with a bay or an end that no choice of the others could let hold are left out. Past its budget the search takes the best that it has
 * seen. Below all are two feet for each of the fewest rails that hold, where every place was looked at, and what all feet have to bear together.
 */
final class CrossSearch
{
    /** Sets that are looked at, and those of which the lower rails are planned. */
    private const SETS = 3_000;
    private const PLANNED = 80;
    private const LEAST_PLANNED = 3;
    private const WORK = 4_000;

    /** Layouts of as many feet that are looked at under one lower rail. */
    private const CHECKS = 24;

    /** Times the fewest that the rails across need, after which no more are tried. */
    private const DENSER = 4;

    /** So many lower rails more than the fewest. */
    private const MORE = 2;

    private const TIE = 1e-9;

    private int $sets = self::SETS;
    private int $planned;
    private int $mends = self::PLANNED;
    private bool $isComplete = true;

    /** @var array{int, int, float, list<RunPlan>, list<Run>}|null Feet, rails, worst ratio, and what they are of */
    private ?array $best = null;

    /** @var list<int> Of what lower rails may lie over, from the left */
    private array $numbers = [];

    /** @var array<int, float> */
    private array $places_m = [];

    /** @var list<int> What the rail across that the wind pulls most would stand on by itself */
    private array $seed = [];

    /** @var array<string, array{int, float}|null> By lower rail, its feet and worst ratio; null where none hold */
    private array $known = [];

    /**
     * @param non-empty-list<Run> $uppers
     * @param list<RunCheck> $checks Of each
     * @param list<Combination> $combinations
     */
    private function __construct(
        private readonly LowerRails $rails,
        private readonly array $uppers,
        private readonly array $checks,
        private readonly Capacities $capacities,
        private readonly array $combinations,
        private readonly CombinationFactors $factors,
    ) {
        foreach ($uppers as $upper) {
            foreach ($rails->possible($upper) as $pick) {
                $this->places_m[$upper->members[$pick]] = $upper->candidates_m[$pick];
            }
        }
        asort($this->places_m);
        $this->numbers = array_keys($this->places_m);
        // The longer its rails, and the more of them, the fewer sets are planned.
        $this->planned = max(self::LEAST_PLANNED, min(self::PLANNED, intdiv(self::WORK, count($uppers) * max(1, $rails->longest()))));
    }

    /**
     * @param non-empty-list<Run> $uppers The rails across of a block
     * @param list<Combination> $combinations
     * @param int $block Its number on the surface
     */
    public static function of(
        Design $design,
        Members $members,
        array $uppers,
        Capacities $capacities,
        array $combinations,
        CombinationFactors $factors,
        int $block,
    ): CrossLayers {
        $crossing = $design->block->arrangement;
        \assert($crossing instanceof CrossRails);
        $held = $capacities->crossing($crossing);
        $alike = $shapes = [];
        $checks = array_map(static function (Run $upper) use (&$alike, &$shapes, $held, $combinations, $factors): RunCheck {
            $shape = $shapes[RunShape::key($upper)] ??= RunShape::of($upper);

            return $alike[$upper->signature()] ??= new RunCheck($upper, $held, $combinations, $factors, $shape);
        }, $uppers);
        $search = new self(new LowerRails($design, $members, $block), $uppers, $checks, $capacities, $combinations, $factors);

        return $search->search();
    }

    private function search(): CrossLayers
    {
        $fewest = $this->fewest();
        $isDense = $this->sets($fewest) > self::SETS;
        if ($isDense) {
            $this->begin($fewest);
        }
        if ($isDense) {
            $this->isComplete = false;
            $this->mend();
        }
        $first = null;
        for ($count = $fewest; !$isDense && $count <= count($this->numbers) && !$this->isEnough($count, $first); ++$count) {
            $first = $this->go([], 0, $count) ? $first ?? $count : $first;
            $this->isComplete = $this->isComplete && $this->isLeft();
        }
        if ($this->best === null) {
            // As many as could be told apart on a drawing, so that it is seen what fails.
            $uppers = $this->over($this->even(max($fewest, min(count($this->numbers), 2 * $fewest)), 0.25), null);

            return new CrossLayers($uppers, $this->rails->under($uppers), null, false);
        }

        // Where not all places are looked at, only what all feet bear together is proven.
        $bound = max(
            $isDense ? 4 : 2 * max($fewest, $this->isComplete ? $first ?? $fewest : $fewest),
            LeastFeet::under($this->capacities->upSlope(), $this->checks),
        );

        return new CrossLayers($this->best[3], $this->best[4], $bound, $this->isComplete);
    }

    /** Fewer lower rails than these do not hold the rail across that the wind pulls most: the others are not asked, for each takes its time. */
    private function fewest(): int
    {
        $pulls_N = array_map(static function (Run $upper): float {
            $pull_N = 0.0;
            foreach ($upper->suctions as $index => $suction) {
                $pull_N += $suction->at_Pa(1.0) * array_sum($upper->windAreas_m2[$index]);
            }

            return $pull_N;
        }, $this->uppers);
        $most = (int) array_search(max($pulls_N), $pulls_N, true);
        $found = (new FewestSearch($this->uppers[$most], $this->checks[$most]))->fewest();
        $this->seed = array_map(fn (int $pick): int => $this->uppers[$most]->members[$pick], $found->picks ?? []);

        return max(2, $found->bound ?? 2);
    }

    /** Whether anything of its budget is left. */
    private function isLeft(): bool
    {
        return $this->sets > 0 && ($this->planned > 0 || $this->best === null);
    }

    private function mayMend(): bool
    {
        return --$this->mends >= 0 && $this->planned > 0;
    }

    /** How many sets there are of so many lower rails, and of up to two more. */
    private function sets(int $count): float
    {
        $all = 0.0;
        for ($more = 0; $more <= self::MORE; ++$more) {
            $sets = 1.0;
            for ($rail = 0; $rail < $count + $more; ++$rail) {
                $sets *= max(0, count($this->numbers) - $rail) / ($rail + 1);
            }
            $all += $sets;
        }

        return $all;
    }

    /** Whether sets of so many rails need not be looked at: they take two feet each at least, or are more than wanted beyond the fewest that hold. */
    private function isEnough(int $count, ?int $first): bool
    {
        return ($this->best !== null && (2 * $count > $this->best[0] || ($first !== null && $count > $first + self::MORE))) || !$this->isLeft();
    }

    /**
     * Where there are too many sets for all of them: what the rail across that is pulled most would stand on by itself, and even ones, with
     * ever more lower rails until some hold and two more.
     */
    private function begin(int $fewest): void
    {
        $this->weigh($this->seed);
        $first = $this->best === null ? null : count($this->seed);
        for ($count = $fewest; $count <= min(count($this->numbers), ($first ?? self::DENSER * $fewest) + self::MORE) && $this->isLeft(); ++$count) {
            foreach ([0.0, 0.25, 0.4] as $end) {
                $this->weigh($this->even($count, $end));
            }
            $first ??= $this->best === null ? null : $count;
        }
    }

    /**
     * @param float $end What lies beyond the first and the last, in spaces between them
     *
     * @return list<int>
     */
    private function even(int $count, float $end): array
    {
        $last = count($this->numbers) - 1;
        if ($last < 1) {
            return $this->numbers;
        }
        $space = $last / ($count - 1 + 2 * $end);

        return array_values(array_unique(array_map(fn (int $rail): int => $this->numbers[(int) round(($end + $rail) * $space)], range(0, $count - 1))));
    }

    /** Takes a rail out of the best set, or moves one to a place beside, as long as that is better. */
    private function mend(): void
    {
        for ($before = null; ($best = $this->best) !== null && $before !== [$best[0], $best[2]] && $this->isLeft();) {
            $before = [$best[0], $best[2]];
            $set = array_values(array_intersect($this->numbers, array_map(static fn (Run $lower): int => $lower->line->over ?? 0, $best[4])));
            foreach (array_keys($set) as $place) {
                $at = (int) array_search($set[$place], $this->numbers, true);
                foreach ([null, -1, 1, -4, 4] as $by) {
                    $other = $by === null ? null : $this->numbers[$at + $by] ?? null;
                    $changed = $other === null ? array_values(array_diff(
                        $set,
                        [$set[$place]],
                    )) : array_values(array_unique(array_replace($set, [$place => $other])));
                    if (($by === null || $other !== null) && $this->mayMend()) {
                        $this->weigh(array_values(array_intersect($this->numbers, $changed)));
                    }
                }
            }
        }
    }

    /**
     * Weighs every set that begins so.
     *
     * @param list<int> $chosen
     *
     * @return bool Whether the rails across hold over any
     */
    private function go(array $chosen, int $from, int $count): bool
    {
        if (count($chosen) === $count) {
            --$this->sets;

            return $this->isWhole($chosen) && $this->weigh($chosen);
        }
        $holds = false;
        for ($index = $from; $index <= count($this->numbers) - ($count - count($chosen)); ++$index) {
            if (!$this->isLeft()) {
                break;
            }
            $next = [...$chosen, $this->numbers[$index]];
            if ($this->mayGoOn($next)) {
                $holds = $this->go($next, $index + 1, $count) || $holds;
            }
        }

        return $holds;
    }

    /**
     * Whether the last of some may follow the others, under every rail across.
     *
     * @param non-empty-list<int> $chosen
     */
    private function mayGoOn(array $chosen): bool
    {
        foreach ($this->uppers as $index => $upper) {
            $own = array_values(array_intersect($chosen, $upper->members));
            $last = count($own) - 1;
            if ($last < 0 || $own[$last] !== $chosen[count($chosen) - 1]) {
                continue;
            }
            $may = $last === 0
                ? $this->checks[$index]->mayEnd($this->places_m[$own[0]], true)
                : $this->checks[$index]->maySpan($this->places_m[$own[$last - 1]], $this->places_m[$own[$last]]);
            if (!$may) {
                return false;
            }
        }

        return true;
    }

    /** @param list<int> $chosen */
    private function isWhole(array $chosen): bool
    {
        foreach ($this->uppers as $index => $upper) {
            $own = array_values(array_intersect($chosen, $upper->members));
            if (count($own) < 2 || !$this->checks[$index]->mayEnd($this->places_m[$own[count($own) - 1]], false)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Plans the lower rails of a set, if the rails across hold over it.
     *
     * @param list<int> $chosen
     *
     * @return bool Whether these do
     */
    private function weigh(array $chosen): bool
    {
        $seen = [];
        foreach ($this->uppers as $index => $upper) {
            $check = $this->checks[$index];
            $key = spl_object_id($check);
            $feet_m = $this->feet_m($upper, $chosen);
            $seen[$key] ??= count($feet_m) > 1 && $check->holds($feet_m);
            if (!$seen[$key]) {
                return false;
            }
        }
        --$this->planned;
        $uppers = $this->over($chosen, count($chosen));
        $lowers = $this->rails->under($uppers);
        [$feet, $worst] = [0, 0.0];
        foreach ($lowers as $index => $lower) {
            // Those to come take two feet each at least.
            $own = $feet + 2 * (count($lowers) - $index) > ($this->best[0] ?? INF) ? null : $this->lower($lower);
            if ($own === null) {
                return true;
            }
            [$feet, $worst] = [$feet + $own[0], max($worst, $own[1])];
        }
        foreach ($uppers as $upper) {
            $worst = max($worst, $upper->check->worst($upper->feet_m()));
        }
        $this->keep([$feet, count($lowers), $worst, $uppers, $lowers]);

        return true;
    }

    /** @param array{int, int, float, list<RunPlan>, list<Run>} $set See $best */
    private function keep(array $set): void
    {
        if ($this->best === null) {
            $this->best = $set;

            return;
        }
        $order = [$set[0], $set[1]] <=> [$this->best[0], $this->best[1]];
        if ($order < 0 || ($order === 0 && $set[2] < $this->best[2] - self::TIE)) {
            $this->best = $set;
        }
    }

    /** @return array{int, float}|null The fewest feet of a lower rail, and its worst ratio */
    private function lower(Run $lower): ?array
    {
        $key = $lower->signature();
        if (!array_key_exists($key, $this->known)) {
            $check = RunCheck::for($lower, $this->capacities, $this->combinations, $this->factors);
            $fewest = $check instanceof AxialCheck ? AxialSearch::of($lower, $check, isFirstEnough: true, checks: self::CHECKS)[0] : null;
            $this->known[$key] = $fewest === null ? null : [count($fewest->picks), $fewest->worst];
        }

        return $this->known[$key];
    }

    /**
     * @param list<int> $chosen
     *
     * @return list<float>
     */
    private function feet_m(Run $upper, array $chosen): array
    {
        return array_map(fn (int $number): float => $this->places_m[$number], array_values(array_intersect($chosen, $upper->members)));
    }

    /**
     * @param list<int> $chosen
     * @param int|null $bound None where it does not hold
     *
     * @return list<RunPlan>
     */
    private function over(array $chosen, ?int $bound): array
    {
        return array_map(static fn (Run $upper, RunCheck $check): RunPlan => new RunPlan(
            $upper,
            $check,
            array_values(array_map(
                static fn (int $number): int => (int) array_search($number, $upper->members, true),
                array_filter($chosen, static fn (int $number): bool => in_array($number, $upper->members, true)),
            )),
            $bound === null ? null : count(array_intersect($chosen, $upper->members)),
            false,
            $bound === null,
        ), $this->uppers, $this->checks);
    }
}
