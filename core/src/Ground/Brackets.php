<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Racking\Bracket;
use Garnetine\Core\Finding\Finding;

/** What holds a frame on the head of one post. */
final class Brackets
{
    private const AT = '/table/racking/bracket';
    /** Of the width, by which wind is taken to push beside the middle (a choice on the safe side). */
    private const ASIDE = 0.1;

    /** @return list<Finding> */
    public static function asked(Bracket $bracket): array
    {
        return [
            ...Holding::missing($bracket->clampUp, self::AT.'/clamp_up_N'), ...Holding::missing($bracket->up, self::AT.'/up_N'),
            ...Holding::missing($bracket->moment, self::AT.'/moment_Nm'), ...Holding::missing($bracket->across, self::AT.'/across_Nm'),
            ...Holding::missing($bracket->torque, self::AT.'/torque_Nm'),
        ];
    }

    /**
     * @param non-empty-list<Stick> $sticks
     * @param float $wide_m Along the row
     *
     * @return list<TableCheck>
     */
    public static function checks(Bracket $bracket, array $sticks, float $wide_m): array
    {
        [$up_N, $upIn] = self::most($sticks, static fn (Stick $stick): float => -$stick->case->posts[0][0]);
        [$head_Nm, $headIn] = self::most($sticks, static fn (Stick $stick): float => $stick->head_Nm);
        [$aside_Nm, $asideIn] = self::most($sticks, static fn (Stick $stick): float => $stick->normal_N * self::ASIDE * $wide_m);
        [$torque_Nm, $torqueIn] = self::most(
            $sticks,
            static fn (Stick $stick): float => $stick->case->isAlong() ? 0.0 : $stick->case->posts[0][1] * self::ASIDE * $wide_m,
        );

        return [
            ...Holding::force('bracket_up', '', max(0.0, $up_N), $bracket->up, $upIn, self::AT.'/up_N'),
            ...Holding::moment('bracket_bent', '', $head_Nm, $bracket->moment, $headIn, self::AT.'/moment_Nm'),
            ...Holding::moment('bracket_across', '', $aside_Nm, $bracket->across, $asideIn, self::AT.'/across_Nm'),
            ...Holding::moment('bracket_turned', '', $torque_Nm, $bracket->torque, $torqueIn, self::AT.'/torque_Nm'),
        ];
    }

    /**
     * @param non-empty-list<Stick> $sticks
     * @param \Closure(Stick): float $asked
     *
     * @return array{float, TableCase}
     */
    private static function most(array $sticks, \Closure $asked): array
    {
        $worst = $sticks[0];
        foreach ($sticks as $stick) {
            $worst = $asked($stick) > $asked($worst) ? $stick : $worst;
        }

        return [$asked($worst), $worst->case];
    }
}
