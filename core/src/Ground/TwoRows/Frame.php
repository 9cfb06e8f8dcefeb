<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

use Garnetine\Core\Design\Ground\Racking\Brace;

/**
 * A front post with the rear one behind it, for what pushes across on both their tops: these sway alike, for a rail is hinged on both, and a brace
 * between the two is pulled or pressed as they bow. Posts are fixed at the ground or below it and do not shorten.
 *
 * Source: statics, by the bowing of cantilevers; the tests hold it against a plane frame.
 */
final readonly class Frame
{
    private function __construct(
        /** Of what pushes on both tops, so much on the rear one. */
        public float $rearShare,
        /** What pulls its brace, for each newton; pressed negative. */
        public float $pull,
        /** How far both tops go, in metres for each newton. */
        public float $give,
        /** Direction of the brace, from the front post: on the level, and up. */
        private float $level,
        private float $up,
        /** Over the ground. */
        private float $frontAt_m,
        private float $rearAt_m,
    ) {
    }

    /**
     * @param array{float, float} $heights_m Of the front top and the rear one, over the ground at each
     * @param array{float, float} $below_m Where each stands firm, under that
     * @param array{float, float} $stiff_Nm2 E·I of both posts
     * @param float $apart_m On the level
     * @param float $rises_m The ground from the front post to the rear one
     */
    public static function braced(Brace $brace, array $heights_m, array $below_m, array $stiff_Nm2, float $apart_m, float $rises_m): self
    {
        $at_m = [$brace->frontAt->toMetres(), $brace->rearAt->toMetres()];
        $dz_m = $rises_m + $at_m[1] - $at_m[0];
        $long_m = hypot($apart_m, $dz_m);
        [$level, $up] = [$apart_m / $long_m, $dz_m / $long_m];
        $top = $mid = $cross = [];
        foreach ([0, 1] as $post) {
            [$high_m, $held_m] = [max(0.01, $heights_m[$post] + $below_m[$post]), max(0.0, $at_m[$post] + $below_m[$post])];
            $top[] = self::bow($high_m, $high_m, $stiff_Nm2[$post]);
            $cross[] = self::bow($high_m, $held_m, $stiff_Nm2[$post]);
            $mid[] = self::bow($held_m, $held_m, $stiff_Nm2[$post]);
        }
        // Both tops go as far; the brace grows by what its ends go apart. Of a push of one: H on the rear top, T in the brace.
        $stretch = $long_m / ($brace->area->toSi() * $brace->modulus->toSi());
        $a = [$top[0] + $top[1], -($cross[0] + $cross[1]) * $level];
        $b = [($cross[0] + $cross[1]) * $level, -($mid[0] + $mid[1]) * $level ** 2 - $stretch];
        [$p, $q] = [$top[0], $cross[0] * $level];
        $det = $a[0] * $b[1] - $a[1] * $b[0];
        $rear = ($p * $b[1] - $a[1] * $q) / $det;
        $pull = ($a[0] * $q - $b[0] * $p) / $det;

        return new self($rear, $pull, (1 - $rear) * $top[0] + $pull * $level * $cross[0], $level, $up, $at_m[0], $at_m[1]);
    }

    /** How far a cantilever goes at one place for a newton at another, both over where it is fixed. */
    private static function bow(float $one_m, float $other_m, float $stiff_Nm2): float
    {
        [$low_m, $high_m] = [min($one_m, $other_m), max($one_m, $other_m)];

        return $low_m ** 2 * (3 * $high_m - $low_m) / (6 * $stiff_Nm2);
    }

    /**
     * What a push on both tops makes of a post.
     *
     * On its top; at the ground, sideways and bending; bending at the brace; E·I times how far its top goes from there; what the brace presses on it.
     *
     * @return array{top_N: float, across_N: float, moment_Nm: float, at_brace_Nm: float, bow_Nm3: float, presses_N: float}
     */
    public function post(bool $isRear, float $push_N, float $height_m): array
    {
        $top_N = $push_N * ($isRear ? $this->rearShare : 1 - $this->rearShare);
        [$at_m, $pull_N] = [$isRear ? $this->rearAt_m : $this->frontAt_m, ($isRear ? -1 : 1) * $push_N * $this->pull];
        $level_N = $pull_N * $this->level;

        return [
            'top_N' => $top_N, 'across_N' => $top_N + $level_N, 'moment_Nm' => $top_N * $height_m + $level_N * $at_m,
            'at_brace_Nm' => $top_N * ($height_m - $at_m),
            'bow_Nm3' => $top_N * $height_m ** 3 / 3 + $level_N * self::bow($height_m, $at_m, 1.0), 'presses_N' => -$pull_N * $this->up,
        ];
    }
}
