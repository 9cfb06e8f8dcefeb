<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Ground\ElementWind;
use Garnetine\Core\Ground\OpenWind;
use Garnetine\Core\Ground\PostInGround;
use Garnetine\Core\Ground\RoundPipe;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\TableCases;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableChecks;
use Garnetine\Core\Ground\TableFigures;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableShape;
use Garnetine\Core\Ground\TableSnow;
use Garnetine\Core\Load\Asce7\Edition;
use Garnetine\Core\Load\Asce7\VelocityPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\UnitSystem;
use Garnetine\Core\Sun\TiltReport;
use Garnetine\Core\Sun\TiltYield;

/** The pipeline of a table: design → shape → loads → depth → checks → cuts → setting out. A pure function of the design and the build. */
final class TablePlanner
{
    /** Steps in which holes are dug deeper. */
    private const STEP_IN = 6;
    private const STEP_MM = 150;
    private const MOST_POSTS = 8;

    public static function plan(TableDesign $design, Depth $depth = Depth::Full): TablePlan
    {
        $coefficients = new Coefficients($design->ownCopies);
        $asked = TableFindings::asked($design);
        $pipes = $design->table->racking;
        $sun = $depth === Depth::Full ? self::sun($design) : null;
        $empty = new TablePlan($design, $coefficients, null, new Figures(), null, [], [], null, [], [], $sun);
        if (!$pipes instanceof PipeTable || array_filter($asked, static fn (Finding $finding): bool => $finding->kind === FindingKind::Refusal) !== []) {
            return $empty->saying($asked);
        }
        $shape = TableShape::of($design, $pipes);
        $figures = new Figures();
        $site = Copy::of($design->site, meanRoofHeight: Length::ofMetres(max(1.5, $shape->meanHeight_m)));
        $velocity = VelocityPressure::at($site, $coefficients);
        $velocity->write($figures, $site, Edition::Of2016);
        TableFigures::height($figures);
        $winds = OpenWind::cases(min(45.0, round($design->table->tilt()->toDegrees(), 6)), $velocity->base->toPascals(), $coefficients, $figures);
        $snow = TableSnow::on($design, $shape, $coefficients, $figures);
        $ground = PostInGround::of($design->table, $coefficients);
        $checks = new TableChecks($design, $pipes, $shape, $ground, RoundPipe::of($pipes->post, $coefficients), RoundPipe::of($pipes->beam, $coefficients));
        $cases = TableCases::of($design, $pipes, $shape, $winds, $snow);
        $depth_m = self::depth_m($design, $ground, $checks, $cases);
        $tried_m = $depth_m ?? $ground->deepest_m();
        $worst = TableCheck::worst([
            ...$checks->underGround($tried_m, $cases->at($tried_m)),
            ...$checks->overGround(ElementWind::on($shape, $velocity->base->toPascals(), $coefficients), $snow),
        ]);
        TableFigures::write($figures, $design, $shape, $ground, $worst, $tried_m);
        $plan = new TablePlan(
            $design,
            $coefficients,
            $shape,
            $figures,
            $snow,
            $depth_m === null ? [] : self::posts($design, $pipes, $shape, $ground, $depth_m),
            $worst,
            SetOut::of($design->table, $shape),
            $depth === Depth::Full ? self::ways($design) : [],
            [],
            $sun,
        );

        return $plan->saying([...$asked, ...TableFindings::of($plan, $pipes, $shape, $cases, $tried_m)]);
    }

    /** What the tilt keeps of the best one, where it is known how clear the months are. */
    public static function sun(TableDesign $design): ?TiltReport
    {
        $sunshine = $design->table->sunshine;
        if ($sunshine === null) {
            return null;
        }
        $yield = new TiltYield($sunshine->latitude->toDegrees(), $design->table->bearing->toDegrees(), $sunshine->months(), $sunshine->albedo);

        return TiltReport::of($yield, $design->table->tilt()->toDegrees(), $sunshine->latitude->toDegrees());
    }

    /** The least of the steps at which every post holds; null where none does. */
    private static function depth_m(TableDesign $design, PostInGround $ground, TableChecks $checks, TableCases $cases): ?float
    {
        $step_m = $design->units === UnitSystem::Us ? self::STEP_IN * 0.0254 : self::STEP_MM / 1000;
        $firm = $cases->bound(false, 0.0);
        for ($step = (int) ceil($ground->least_m() / $step_m - 1e-9); $step * $step_m <= $ground->deepest_m() + 1e-9; ++$step) {
            if ($checks->standsAt($step * $step_m, $firm) && $checks->standsAt($step * $step_m, $cases->bound(true, $step * $step_m))) {
                return $step * $step_m;
            }
        }

        return null;
    }

    /** @return list<TablePost> */
    private static function posts(TableDesign $design, PipeTable $pipes, TableShape $shape, PostInGround $ground, float $depth_m): array
    {
        $posts = [];
        $bags = $ground->bags($depth_m, $pipes->post->outside->toMetres(), $design->table->footing->bag);
        foreach ([[1, $shape->front_m, $shape->frontGround_m], [2, $shape->rear_m, $shape->rearGround_m]] as [$row, $heights_m, $grounds_m]) {
            foreach ($heights_m as $post => $height_m) {
                $posts[] = new TablePost(
                    TablePost::name($post, $row),
                    $row === 2,
                    $shape->posts_m[$post],
                    $grounds_m[$post],
                    $height_m,
                    $depth_m,
                    $height_m + $depth_m - $pipes->seat->toMetres(),
                    $bags,
                );
            }
        }

        return $posts;
    }

    /**
     * The same table on other numbers of posts, in equal bays, and in other holes; none where nothing is computed at all.
     *
     * @return list<array{posts: int, hole_m: float, depth_m: float|null, holds: bool, reserve: float|null, bags: float}>
     */
    public static function ways(TableDesign $design): array
    {
        $pipes = $design->table->racking;
        if (!$pipes instanceof PipeTable) {
            return [];
        }
        $ways = [];
        if (self::plan($design, Depth::Checks)->shape === null) {
            return [];
        }
        $hole_m = $design->table->footing->hole->toMetres();
        $wider = $design->units === UnitSystem::Us ? 4 * 0.0254 : 0.1;
        foreach ([$hole_m, $hole_m + $wider, $hole_m + 2 * $wider] as $wide_m) {
            for ($posts = 2; $posts <= self::MOST_POSTS; ++$posts) {
                $plan = self::plan($design->on(Copy::of(
                    $design->table,
                    racking: Copy::of($pipes, posts: $posts),
                    ground: count($design->table->ground->levels) === $posts ? $design->table->ground : Copy::of($design->table->ground, levels: []),
                    footing: Copy::of($design->table->footing, hole: Length::ofMetres($wide_m)),
                )), Depth::Checks);
                $ways[] = [
                    'posts' => 2 * $posts, 'hole_m' => $wide_m, 'depth_m' => $plan->posts[0]->depth_m ?? null,
                    'holds' => $plan->posts !== [] && ($plan->leastReserve() ?? 0.0) >= -1e-9, 'reserve' => $plan->leastReserve(),
                    'bags' => array_sum(array_map(static fn (TablePost $post): float => $post->bags, $plan->posts)),
                ];
            }
        }

        return $ways;
    }
}
