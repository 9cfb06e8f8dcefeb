<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Rail\Run;

/**
 * Which feet of a run are stronger ones: those whose tributary length reaches into an edge zone of the wind, by the placing tolerance more,
 * so that it stays so for a foot off its mark.
 *
 * @internal
 */
final readonly class EdgeFeet
{
    /** @param non-empty-list<array{float, float}> $edges_m Where along the run its modules reach into such zones */
    private function __construct(public Capacities $capacities, private array $edges_m)
    {
    }

    /** Null where no edge zone is reached, or the kit has no such foot, or none for such a rail. */
    public static function of(Run $run, Capacities $capacities): ?self
    {
        $strong = $run->upSlope === null && $run->legs === null ? $capacities->atEdge() : null;

        return $strong === null || $run->edges_m === [] ? null : new self($strong, $run->edges_m);
    }

    /**
     * Whether feet that were planned for one layout do in another of as many: none is wanted stronger that is not.
     *
     * @param list<float> $planned_m
     * @param list<float> $feet_m
     */
    public function doFor(array $planned_m, array $feet_m, float $margin_m): bool
    {
        return array_diff_key($this->among($feet_m, $margin_m), $this->among($planned_m, $margin_m)) === [];
    }

    /**
     * @param list<float> $feet_m Ascending
     *
     * @return array<int, true> By foot
     */
    public function among(array $feet_m, float $margin_m): array
    {
        $among = [];
        $last = count($feet_m) - 1;
        foreach ($feet_m as $foot => $x_m) {
            // The outer ones hold all that lies beyond them.
            $from_m = $foot === 0 ? -INF : ($feet_m[$foot - 1] + $x_m) / 2 - $margin_m;
            $to_m = $foot === $last ? INF : ($x_m + $feet_m[$foot + 1]) / 2 + $margin_m;
            foreach ($this->edges_m as [$low_m, $high_m]) {
                if ($low_m < $to_m && $high_m > $from_m) {
                    $among[$foot] = true;
                    break;
                }
            }
        }

        return $among;
    }
}
