<?php

declare(strict_types=1);

namespace App\Desk;

use App\Models\Design;
use App\Planning\Planning;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Load\ZoneDemand;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Quantity\Dimension;

/**
 * Two designs of a job side by side: what was entered, and what came of it.
 *
 * @phpstan-import-type Difference from Differences
 * @phpstan-import-type FieldInfo from FieldView
 *
 * @phpstan-type Beside array{
 *     inputs: list<Difference>,
 *     results: list<Difference>,
 *     // What stops the second and not the first, with its field where it can be entered.
 *     needs: list<array{text: string, path: string, field: FieldInfo|null}>,
 * }
 * @phpstan-type Compared array{
 *     one: array{number: int, change: string},
 *     two: array{number: int, change: string},
 *     inputs: list<Difference>,
 *     results: list<Difference>,
 *     // What stops the second and not the first, with its field where it can be entered.
 *     needs: list<array{text: string, path: string, field: FieldInfo|null}>,
 * }
 */
final class Comparison
{
    /** Where a place beside an edge is asked for its zone, and half the side of what is asked there. */
    private const FROM_EDGE_M = 0.3;
    private const NEAR_M = 0.001;

    /** @return Compared */
    public static function of(Design $one, Design $two): array
    {
        return [
            'one' => ['number' => $one->number, 'change' => $one->change], 'two' => ['number' => $two->number, 'change' => $two->change],
        ] + self::between($one->document(), $two->document());
    }

    /** @return Beside */
    public static function between(Project $before, Project $after): array
    {
        [$plans, $others] = [Planning::all($before)->all(), Planning::all($after)->all()];
        $results = [];
        $surfaces = array_keys($others + $plans);
        foreach ($surfaces as $surface) {
            [$plan, $other] = [$plans[$surface] ?? null, $others[$surface] ?? null];
            [$ours, $theirs] = [$plan === null ? [] : self::results($plan), $other === null ? [] : self::results($other)];
            $of = count($surfaces) > 1 ? $after->nameOf((string) $surface).': ' : '';
            foreach (array_keys($ours + $theirs) as $name) {
                $results[] = ['label' => $of.$name, 'before' => $ours[$name] ?? '', 'after' => $theirs[$name] ?? ''];
            }
        }
        // What stops it is mended on the surface in view.
        $here = Chosen::id($after);

        return [
            'inputs' => Differences::between($before, $after),
            'results' => $results,
            'needs' => isset($plans[$here], $others[$here]) ? self::needs($plans[$here], $others[$here]) : [],
        ];
    }

    /** @return Beside['needs'] What stops the second plan and not the first, with the fields in which it can be mended */
    private static function needs(Plan|TablePlan $plan, Plan|TablePlan $other): array
    {
        $texts = Texts::of($other->design);
        $known = array_map($texts->finding(...), $plan->findings);
        $fields = FieldView::all($other->design, $texts);
        $needs = [];
        foreach ($other->findings as $finding) {
            $text = $texts->finding($finding);
            if ($finding->blocks() && !in_array($text, $known, true)) {
                $needs[] = ['text' => $text, 'path' => $finding->at, 'field' => $fields[$finding->at] ?? null];
            }
        }

        return $needs;
    }

    /** @return array<string, string> */
    private static function results(Plan|TablePlan $plan): array
    {
        $texts = Texts::of($plan->design);
        $reserve = $plan->leastReserve();
        $stops = array_filter(
            $plan->findings,
            static fn (Finding $finding): bool => in_array($finding->kind, [FindingKind::Stop, FindingKind::Refusal], true) && $finding->clearedBy === null,
        );

        $known = [
            'Modules' => (string) $plan->moduleCount(),
            $plan instanceof Plan ? 'Feet' : 'Posts' => (string) $plan->summary()['attachments'],
            'Standing' => Standing::of($plan->findings, $reserve)['word'],
            'Least reserve' => $reserve === null ? 'no plan' : Texts::reserve($reserve),
        ];
        $own = $plan instanceof Plan ? self::ofSurface($plan) : [
            'Depth of the holes' => $plan->posts === [] || $plan->posts[0]->blocks !== null ? '' : $plan->design->printer()->length($plan->posts[0]->depth_m),
            ...self::blocks($plan),
            'Bags of concrete' => (string) TablePost::bagsOf($plan->posts),
        ];

        return $known + $own + ['Stops' => implode(' ', array_values(array_unique(array_map($texts->finding(...), $stops))))];
    }

    /** @return array<string, string> Of a table that blocks hold down; of others none */
    private static function blocks(TablePlan $plan): array
    {
        $blocks = array_sum(array_column($plan->posts, 'blocks'));

        return $blocks > 0 ? ['Blocks' => (string) $blocks] : [];
    }

    /** @return array<string, string> */
    private static function ofSurface(Plan $plan): array
    {
        return [
            'Rail lengths' => (string) ($plan->cutting === null ? 0 : count($plan->cutting->stock)),
            'Wind on the modules, downward' => $plan->loads === null ? '' : $plan->design->printer()->print(Dimension::Pressure, $plan->loads->windDown_Pa),
            ...self::suctions($plan),
            'Sloped roof snow' => $plan->loads === null ? '' : $plan->design->printer()->print(Dimension::Pressure, $plan->loads->snow->balanced_Pa),
        ];
    }

    /** @return array<string, string> Suction on a whole module with an exposed side, by place: zones have other names in every standard */
    private static function suctions(Plan $plan): array
    {
        if ($plan->loads === null) {
            return [];
        }
        $demands = [];
        foreach (ZoneDemand::all($plan->design, $plan->loads) as $demand) {
            $demands[$demand->zone] = $demand;
        }
        $suctions = [];
        foreach (self::places($plan) as $place => [$x_m, $y_m]) {
            $zone = $plan->loads->zones->pieces($x_m - self::NEAR_M, $y_m - self::NEAR_M, $x_m + self::NEAR_M, $y_m + self::NEAR_M)[0]['zone'];
            $suction = $plan->design->printer()->print(Dimension::Pressure, $demands[$zone]->suctionExposed_Pa);
            $suctions["Suction $place"] = "$suction (zone $zone)";
        }

        return $suctions;
    }

    /** @return array<string, array{float, float}> Along the eave and up the slope */
    private static function places(Plan $plan): array
    {
        $outline = Outline::of($plan->design->surface);
        if ($outline->given !== []) {
            // Of any shape: the middle of the largest piece of each zone.
            $largest = [];
            foreach ($plan->loads?->zones->parts() ?? [] as ['zone' => $zone, 'corners' => $corners]) {
                $area_m2 = (new Polygon($corners))->area_m2();
                $largest[$zone] = $area_m2 > ($largest[$zone][0] ?? 0.0) ? [
                    $area_m2,
                    array_sum(array_column($corners, 0)) / count($corners),
                    array_sum(array_column($corners, 1)) / count($corners),
                ] : $largest[$zone];
            }

            return array_map(
                static fn (array $piece): array => [$piece[1], $piece[2]],
                array_combine(array_map(static fn (int|string $zone): string => "in zone $zone", array_keys($largest)), $largest),
            );
        }
        [$middle_m, $top_m, $in_m] = [$outline->width_m / 2, $outline->length_m, self::FROM_EDGE_M];

        return [
            'in the field' => [$middle_m, $top_m / 2],
            'at the eave' => [$middle_m, $in_m],
            'at the ridge' => [($outline->leftHip_m + $outline->width_m - $outline->rightHip_m) / 2, $top_m - $in_m],
            'at a side' => [$outline->leftHip_m / 2 + $in_m, $top_m / 2], 'in a corner at the eave' => [$in_m * (1 + $outline->leftHip_m / $top_m), $in_m],
            'in a corner at the ridge' => [$outline->leftHip_m + $in_m, $top_m - $in_m],
        ];
    }
}
