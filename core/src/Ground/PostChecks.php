<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\UnitSystem;

/** Holds what acts on the posts of a table against what they and the ground bear. */
final readonly class PostChecks
{
    /** So much of its height a post may sway at its top, of its own bending (common practice for posts, no source). */
    private const SWAY = 60.0;
    private const SLOWEST_HZ = 1.0;
    public const FROST = 'frost';

    /**
     * @param list<PostPlace> $places In the order of the forces of a case
     * @param array<int, Foundation> $own By post, of those in other ground
     */
    public function __construct(private array $places, private Foundation $foundation, private array $own = [])
    {
    }

    private function under(int $post): Foundation
    {
        return $this->own[$post] ?? $this->foundation;
    }

    /**
     * Whether every post holds in the ground at a depth: the least of the depths at which they do is searched.
     *
     * @param list<TableCase> $cases
     */
    public function standsAt(float $depth_m, array $cases): bool
    {
        $holds_N = array_map(fn (int $post): array => [$this->under($post)->up_N($depth_m), $this->under($post)->down_N($depth_m)], array_keys($this->places));
        foreach ($cases as $case) {
            foreach ($case->posts as $post => [$presses_N, $across_N, $moment_Nm]) {
                // What is built is no more to be dug deeper: whether it holds is told apart.
                if ($this->places[$post]->built_m !== null) {
                    continue;
                }
                [$up_N, $down_N] = $holds_N[$post];
                if (
                    ($case->pushesAnew && Printed::over(...$this->sideways($post, $depth_m, $across_N, $moment_Nm)))
                    || Printed::over(-$presses_N, $up_N) || Printed::over($presses_N, $down_N)
                ) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * What pushes a post sideways and what it bears at that height. Where next to nothing pushes and only a moment turns it, both as at a height at which the
     * push has no more part in it.
     *
     * @return array{float, float}
     */
    private function sideways(int $post, float $depth_m, float $across_N, float $moment_Nm): array
    {
        $across_N = max($across_N, abs($moment_Nm) / 1000, 1e-9);

        return [$across_N, $this->under($post)->sideways_N($depth_m, abs($moment_Nm) / $across_N)];
    }

    /**
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of every post and the ground round it, each thing in the case that asks most of it
     */
    public function at(float $planned_m, array $cases, float $soft_m): array
    {
        $checks = [];
        $pushes = self::pushing($cases);
        foreach ($this->places as $post => $place) {
            $depth_m = $place->built_m ?? $planned_m;
            $sideways = Most::of($pushes, function (TableCase $case) use ($post, $depth_m): float {
                [$demand_N, $capacity_N] = $this->sideways($post, $depth_m, $case->posts[$post][1], $case->posts[$post][2]);

                return $demand_N / max($capacity_N, 1e-6);
            });
            $lift = Most::of($cases, static fn (TableCase $case): float => -$case->posts[$post][0]);
            $press = Most::of($cases, static fn (TableCase $case): float => $case->posts[$post][0]);
            if ($sideways === null || $lift === null || $press === null) {
                continue;
            }
            [$demand_N, $capacity_N] = $this->sideways($post, $depth_m, $sideways->case->posts[$post][1], $sideways->case->posts[$post][2]);
            array_push(
                $checks,
                $this->grounded('sideways', $post, $place, $demand_N, $capacity_N, $sideways->case, $depth_m, $sideways->case->posts[$post][2] / $demand_N),
                $this->grounded('lift', $post, $place, max(0.0, $lift->value), $this->under($post)->up_N($depth_m), $lift->case, $depth_m),
                $this->grounded('press', $post, $place, max(0.0, $press->value), $this->under($post)->down_N($depth_m), $press->case, $depth_m),
                ...self::member($place, $post, $cases, $soft_m),
                ...$this->frozen($place, $post, $cases, $depth_m),
            );
        }

        return $checks;
    }

    /**
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> What frozen ground lifts a post by, against what stands on it and what holds below the frost, without wind
     */
    private function frozen(PostPlace $place, int $post, array $cases, float $depth_m): array
    {
        $frozen = $this->under($post)->frozen_N($depth_m);
        if ($frozen === null) {
            return [];
        }
        [$grip_N, $holds_N, $from] = $frozen;
        $dead_N = min([INF, ...array_map(
            static fn (TableCase $case): float => $case->posts[$post][0],
            array_filter($cases, static fn (TableCase $case): bool => $case->isWeightAlone()),
        )]);

        return [TableCheck::of(
            self::FROST,
            $place->id,
            $grip_N,
            max($holds_N + max(0.0, $dead_N), 1e-3),
            'N',
            null,
            '/table/soil/parted',
            ['depth_m' => $depth_m],
            'Canadian Foundation Engineering Manual; recalled',
            $from,
        )];
    }

    /**
     * @param list<TableCase> $cases
     *
     * @return list<TableCase> Those that differ in what pushes the posts sideways
     */
    private static function pushing(array $cases): array
    {
        return array_values(array_filter($cases, static fn (TableCase $case): bool => $case->pushesAnew));
    }

    private function grounded(
        string $what,
        int $post,
        PostPlace $place,
        float $demand_N,
        float $capacity_N,
        TableCase $case,
        float $depth_m,
        ?float $height_m = null,
    ): TableCheck {
        assert(in_array($what, ['sideways', 'lift', 'press'], true));
        [$says, $values, $source, $from] = $this->under($post)->why($what, $depth_m);
        $values += ['depth_m' => $depth_m] + ($height_m === null ? [] : ['height_m' => $height_m]);

        return TableCheck::of($what, $place->id, $demand_N, $capacity_N, 'N', $case, $from[0] ?? '', $values, $source, $from, $says);
    }

    /**
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of the post itself; none where its strength is not known
     */
    public static function member(PostPlace $place, int $post, array $cases, float $soft_m): array
    {
        $member = $place->member;
        if ($member === null) {
            return [];
        }
        $height_m = $place->height_m;
        $turned = $member->turned();
        $way = static fn (TableCase $case): Member => $case->isAlong() ? $turned : $member;
        $together = static fn (TableCase $case): float => max(array_map(
            static fn (array $bent): float => $way($case)->together($bent[0], $bent[1], $height_m + ($case->isSoft ? $soft_m : 0.0), $case->lasts()),
            $case->braced[$post]['bent'] ?? [[$case->posts[$post][0], self::moment_Nm($case, $post, $height_m)]],
        ));
        $sway_m = static fn (TableCase $case): float => self::bow_Nm3($case, $post, $height_m) / $way($case)->stiffness_Nm2();
        $pushes = self::pushing($cases);
        $bend = Most::of($cases, $together);
        $sheared_N = static fn (TableCase $case): float => max($case->posts[$post][1], $case->braced[$post]['top_N'] ?? 0.0);
        $shear = Most::of($pushes, static fn (TableCase $case): float => $sheared_N($case) / $way($case)->shear_N($case->lasts()));
        $sway = Most::of($pushes, $sway_m);
        if ($bend === null || $shear === null || $sway === null) {
            return [];
        }
        $from = array_map(static fn (string $key): string => "{$place->at}/$key", $member->keys());
        $more = ['height_m' => $height_m];
        $mended = $from[0] ?? $place->at;

        return [
            new TableCheck(
                'bend',
                $place->id,
                self::moment_Nm($bend->case, $post, $height_m),
                $way($bend->case)->moment_Nm($bend->case->lasts()),
                'Nm',
                $bend->value,
                $bend->case,
                $more,
                $member->source(),
                $from,
                $mended,
                $member->says().'bend',
            ),
            TableCheck::of(
                'shear',
                $place->id,
                $sheared_N($shear->case),
                $way($shear->case)->shear_N($shear->case->lasts()),
                'N',
                $shear->case,
                $mended,
                $more,
                $member->source(),
                $from,
            ),
            TableCheck::of('sway', $place->id, $sway->value, $height_m / self::SWAY, 'm', $sway->case, $mended, $more, $member->source(), $from),
        ];
    }

    /** Straight from the ground to the head, so that it is bent most at one of them. */
    private static function moment_Nm(TableCase $case, int $post, float $height_m): float
    {
        if (isset($case->braced[$post])) {
            return max(array_column($case->braced[$post]['bent'], 1));
        }
        [, $across_N, $moment_Nm] = $case->posts[$post];

        return max(abs($moment_Nm), abs($moment_Nm - $across_N * $height_m));
    }

    /** How far its head goes aside, times its stiffness. */
    private static function bow_Nm3(TableCase $case, int $post, float $height_m): float
    {
        if (isset($case->braced[$post])) {
            return $case->braced[$post]['bow_Nm3'];
        }
        [, $across_N, $moment_Nm] = $case->posts[$post];

        return abs($across_N * $height_m ** 3 / 3 + ($moment_Nm - $across_N * $height_m) * $height_m ** 2 / 2);
    }

    /**
     * The least depth at which every post holds, or null; and the depth that was looked at last.
     *
     * @param list<TableCase> $cases At any depth
     * @param (\Closure(float): list<TableCase>)|null $besides Those that change with the depth, looked at where the others hold
     * @param float $least_m Less deep than which nothing is looked at
     *
     * @return array{float|null, float}
     */
    public function depth_m(UnitSystem $units, array $cases, ?\Closure $besides = null, float $least_m = 0.0): array
    {
        $tried_m = 0.0;
        foreach ($this->foundation->depths_m($units) as $tried_m) {
            if (
                !Printed::under($tried_m, $least_m) && $this->standsAt($tried_m, $cases)
                && ($besides === null || $this->standsAt($tried_m, $besides($tried_m)))
            ) {
                return [$tried_m, $tried_m];
            }
        }

        return [null, $tried_m];
    }

    /**
     * Whether the table sways too slowly on its posts: f = √(k/m)/2π. Under 1 Hz gusts are answered by swaying, and the gust factor of stiff things does not
     * hold (ASCE/SEI 7-16, §26.11; recalled).
     *
     * @param list<PostPlace> $places
     *
     * @return list<Finding> None where a post's strength is not known
     */
    public static function springy(array $places, float $dead_N, float $soft_m): array
    {
        $stiffness = 0.0;
        foreach ($places as $place) {
            if ($place->member === null) {
                return [];
            }
            $stiffness += 3 * $place->member->stiffness_Nm2() / ($place->height_m + $soft_m) ** 3;
        }
        $hertz = sqrt($stiffness / ($dead_N / 9.80665)) / (2 * M_PI);
        $first = $places[0] ?? null;

        return $first !== null && Printed::under($hertz, self::SLOWEST_HZ)
            ? [Finding::of(Code::TooSpringy, $first->at.'/'.($first->member?->keys()[0] ?? ''), ['hertz' => round($hertz, 2)])] : [];
    }
}
