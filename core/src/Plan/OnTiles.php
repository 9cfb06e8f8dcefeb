<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Foot\HookArm;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;

/** What is found of hooks under tiles: whether their arms clear the tiles, and where they come out. Source: common practice, no source. */
final class OnTiles
{
    /** From the tile to the arm before any load. */
    public const LEAST_GAP_IN = 0.1875;

    /** And under the largest. */
    public const LEAST_LEFT_IN = 0.125;

    /**
     * @param list<RunPlan> $plans
     *
     * @return list<Finding>
     */
    public static function findings(Design $design, Members $members, array $plans): array
    {
        $arm = $design->kit->foot->limits()->arm;
        $tile = $design->surface->covering;

        return $arm === null || !$tile instanceof Tile ? [] : [...self::gap($arm, $tile, $plans), ...self::pans($arm, $tile, $members)];
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return list<Finding>
     */
    private static function gap(HookArm $arm, Tile $tile, array $plans): array
    {
        $most_N = 0.0;
        foreach ($plans as $plan) {
            foreach ($plan->verdict()->attachments ?? [] as $foot) {
                $most_N = max($most_N, $foot->down_N);
            }
        }
        $gap = $arm->under->minus($tile->tileTop);
        $left = $gap->minus(Length::ofMetres($arm->sinks_m($most_N)));
        if (!Printed::under($gap->toInches(), self::LEAST_GAP_IN) && !Printed::under($left->toInches(), self::LEAST_LEFT_IN)) {
            return [];
        }

        return [Finding::of(Code::ArmTouchesTile, '/kit/foot/arm/under_m', [
            'gap_m' => $gap->toMetres(), 'left_m' => $left->toMetres(), 'down_N' => $most_N,
            'least_gap_m' => Length::ofInches(self::LEAST_GAP_IN)->toMetres(), 'least_left_m' => Length::ofInches(self::LEAST_LEFT_IN)->toMetres(),
        ])];
    }

    /** @return list<Finding> */
    private static function pans(HookArm $arm, Tile $tile, Members $members): array
    {
        $unseen = array_values(array_filter([
            $tile->panPitch === null || $tile->firstPan === null ? ['/surface/covering/first_pan_m', 'arm.pans'] : null,
            $tile->overlap === null ? ['/surface/covering/overlap_m', 'arm.overlap'] : null,
        ]));
        $findings = array_map(static fn (array $one): Finding => Finding::of(Code::ArmByEye, $one[0], ['what' => $one[1]]), $unseen);
        $lost = 0;
        foreach ($members->members as $member) {
            $lost += $tile->reachesPan($arm->aside, $member->x_m) ? 0 : 1;
        }

        return $lost === 0 ? $findings : [...$findings, Finding::of(Code::PanBesideMember, '/kit/foot/arm/aside_m', [
            'lost' => $lost, 'of' => count($members->members), 'aside_m' => $arm->aside?->toMetres() ?? 0.0,
        ])];
    }
}
