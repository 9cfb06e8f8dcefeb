<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Document\Copy;
use Garnetine\Core\Load\Suction;

/**
 * One continuous line of rail with its clamps, in numbers for the solver: forces in N, lengths in m. Places are told along it: from the
 * left edge, and of rails up the slope from the eave.
 *
 * Every gravity load is a multiple of one vector, the share of a module at each clamp; wind has one vector for each
 * suction that its modules meet.
 */
final readonly class Run
{
    /**
     * @param list<float> $clamps_m Ascending
     * @param list<float> $shares Of one module's load on this rail, at each clamp
     * @param list<Suction> $suctions Those that occur
     * @param list<list<float>> $windAreas_m2 For each suction, area that each clamp holds down
     * @param array<string, array{float, float}> $snow_N By case: normal and along, for one module on this rail
     * @param list<float> $splices_m
     * @param list<float> $candidates_m Where feet may stand, on the tape
     * @param list<int> $members Member of each candidate
     * @param list<array{float, float}> $edges_m
     */
    public function __construct(
        public string $id,
        public RailLine $line,
        public int $firstColumn,
        public int $lastColumn,
        public float $x0_m,
        public float $x1_m,
        public array $clamps_m,
        public array $shares,
        public array $suctions,
        public array $windAreas_m2,
        public float $tributary_m,
        public float $deadNormalMost_N,
        public float $deadNormalLeast_N,
        public float $deadAlong_N,
        public array $snow_N,
        public float $windDown_N,
        /** All vertical load of one module on this rail: dead, and balanced snow. */
        public float $deadVertical_N,
        public float $snowVertical_N,
        public array $splices_m,
        public bool $spliceIsHinge,
        public array $candidates_m,
        public array $members,
        /** What of the balanced snow lies on a span that has less, in partial snow. */
        public float $lightSnow = 0.5,
        public OwnHand $hand = new OwnHand(),
        /** Whether it lies on every place that it crosses, and so is held on each: nothing there is left to choose. */
        public bool $onEach = false,
        /** Of a rail up the slope what differs from clamp to clamp; places along it are heights then. */
        public ?UpSlope $upSlope = null,
        /** How forces come to its feet where legs are between. */
        public ?OnLegs $legs = null,
        /** Of a rail that rows share, how many of its clamps hold one module; the others hold one of each row. */
        public ?int $single = null,
        /** Of modules on feet alone false: what lies from one foot to the other is the module's frame, which its rating speaks for. */
        public bool $isRail = true,
        /** Where along it its modules reach into the edge zones of the wind: from and to. */
        public array $edges_m = [],
    ) {
    }

    /** Of its clamps those that end a stretch of modules: a piece of rail under one clamp has one of them or none. */
    public function endClamps(): int
    {
        return $this->single ?? (count($this->clamps_m) > 1 ? 2 : (int) ($this->firstColumn === $this->lastColumn));
    }

    /** The same turned round: left is right. */
    public function turned(): self
    {
        return $this->copied(true, $this->hand->turned(count($this->candidates_m)));
    }

    /** The same under another hand of the planner. */
    public function under(OwnHand $hand): self
    {
        return $this->copied(false, $hand);
    }

    private function copied(bool $turned, OwnHand $hand): self
    {
        return Copy::of(
            $this,
            clamps_m: $turned ? $this->opposite_m($this->clamps_m) : $this->clamps_m,
            shares: $turned ? array_reverse($this->shares) : $this->shares,
            windAreas_m2: $turned ? array_map(static fn (array $areas_m2): array => array_reverse($areas_m2), $this->windAreas_m2) : $this->windAreas_m2,
            splices_m: $turned ? $this->opposite_m($this->splices_m) : $this->splices_m,
            candidates_m: $turned ? $this->opposite_m($this->candidates_m) : $this->candidates_m,
            members: $turned ? array_reverse($this->members) : $this->members,
            edges_m: $turned ? array_reverse(
                array_map(fn (array $edge): array => [$this->x0_m + $this->x1_m - $edge[1], $this->x0_m + $this->x1_m - $edge[0]], $this->edges_m),
            ) : $this->edges_m,
            hand: $hand,
        );
    }

    /**
     * @param list<float> $places_m
     *
     * @return list<float>
     */
    private function opposite_m(array $places_m): array
    {
        return array_reverse(array_map(fn (float $x_m): float => $this->x0_m + $this->x1_m - $x_m, $places_m));
    }

    /** Runs with the same numbers have the same answer; ids and heights on the slope do not matter. */
    public function signature(): string
    {
        return self::key(
            [
                [$this->x0_m, $this->x1_m, $this->tributary_m, $this->lightSnow],
                $this->clamps_m,
                $this->shares,
                ...$this->windAreas_m2,
                $this->splices_m,
                $this->candidates_m,
                ...$this->edges_m,
            ],
            7,
        )
            .self::key([[$this->deadNormalMost_N, $this->deadNormalLeast_N, $this->deadAlong_N, $this->windDown_N], ...array_values($this->snow_N)], 5)
            .implode(
                ' ',
                [
                    ...array_keys($this->snow_N),
                    ...array_map(static fn (Suction $suction): string => $suction->key, $this->suctions),
                    (int) $this->spliceIsHinge,
                    (int) $this->onEach,
                    (int) $this->isRail,
                    $this->hand->key(),
                    $this->upSlope?->key() ?? '',
                    $this->legs?->key() ?? '',
                ],
            );
    }

    /**
     * The same for equal lists of numbers, to some decimals.
     *
     * @param list<array<int, float>> $lists
     */
    public static function key(array $lists, int $decimals): string
    {
        $key = '';
        foreach ($lists as $list) {
            // Adding nothing makes a negative zero a plain one.
            $key .= pack('Vd*', count($list), ...array_map(static fn (float $x): float => round($x, $decimals) + 0.0, $list));
        }

        return $key;
    }
}
