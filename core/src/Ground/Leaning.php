<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;

/** What a post out of plumb adds: what stands on it, by how far its head leans. */
final class Leaning
{
    /** How far the head of a post leans, as it was measured; nought where nobody did. */
    public static function arm_m(TableDesign $design, PostPlace $place): float
    {
        return $place->height_m * tan($design->table->builtPost($place->id)?->lean?->toRadians() ?? 0.0);
    }

    /**
     * @param array{float, float, float} $post What presses on it, pushes and bends it at the ground
     *
     * @return array{float, float, float}
     */
    public static function on(array $post, float $arm_m): array
    {
        [$down_N, $across_N, $moment_Nm] = $post;

        return [$down_N, $across_N, $moment_Nm + ($moment_Nm < 0.0 ? -1 : 1) * abs($down_N) * $arm_m];
    }
}
