<?php

declare(strict_types=1);

namespace App\Desk;

use App\Planning\Planning;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Plan\Build;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Status;
use Garnetine\Core\Plan\TablePlan;
use Illuminate\Support\Facades\Cache;

/**
 * The surfaces and tables of a job, each with how it stands.
 *
 * @phpstan-import-type RoofDrawn from RoofDrawing
 * @phpstan-import-type Tone from Standing
 *
 * @phpstan-type Listed array{modules: int|null, counted: string, word: string, tone: Tone, confirmed: bool|null, drawing: RoofDrawn|null}
 *
 * Counts are null of a large one that is not in view: opening it plans it. One alone is not drawn.
 * @phpstan-type SurfaceRow array{
 *     id: string,
 *     name: string,
 *     is_table: bool,
 *     modules: int|null,
 *     counted: string,
 *     word: string,
 *     tone: Tone,
 *     confirmed: bool|null,
 *     drawing: RoofDrawn|null,
 * }
 */
final class SurfaceList
{
    private const KEPT_S = 86_400;

    /**
     * @param string $here The surface or the table in view, whose plan is known
     * @param array<string, TablePlan>|null $tables Plans of all tables, where they are known
     *
     * @return list<SurfaceRow>
     */
    public static function of(Project $project, string $here, Plan|TablePlan $plan, ?array $tables = null): array
    {
        $told = $tables ?? TablesKnown::around($project, $here);

        return array_map(
            static fn (string $id): array => ['id' => $id, 'name' => $project->nameOf($id), 'is_table' => isset($project->tables[$id])]
                + (count($project->allIds()) === 1 ? ['drawing' => null] : [])
                + match (true) {
                    $id === $here => self::standing($plan),
                    isset($told[$id]) => self::standing($told[$id]),
                    default => self::known($project->design($id)),
                },
            $project->allIds(),
        );
    }

    /** @return Listed Planned once for each design of the surface */
    private static function known(Design $design): array
    {
        if (Planning::isLarge($design)) {
            return ['modules' => null, 'counted' => '', 'word' => '', 'tone' => 'plain', 'confirmed' => null, 'drawing' => RoofDrawing::of([[$design, []]])];
        }
        $key = 'surface.'.Build::hash().'.'.hash(
            'sha256',
            json_encode(['as_typed' => null] + Writer::toArray($design), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        );

        return Cache::remember($key, self::KEPT_S, static fn (): array => self::standing(Planning::plan($design, Depth::Checks)));
    }

    /** @return Listed */
    private static function standing(Plan|TablePlan $plan): array
    {
        return [
            'modules' => $plan->moduleCount(),
            'counted' => Counted::of($plan),
            'confirmed' => $plan->status() === Status::Confirmed,
            'drawing' => $plan instanceof Plan ? RoofDrawing::ofPlan($plan) : RoofDrawing::ofTables([$plan->design]),
        ] + Standing::of($plan->findings, $plan->leastReserve());
    }
}
