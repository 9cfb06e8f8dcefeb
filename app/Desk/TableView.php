<?php

declare(strict_types=1);

namespace App\Desk;

use App\Models\Design as DesignModel;
use App\Paper\PaperView;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Ground\Racking\LaidOnGround;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Ground\Loading\TableStandards;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFigures;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Message\DayTexts;
use Garnetine\Core\Message\NorthTexts;
use Garnetine\Core\Message\StormTexts;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablesBeside;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Printer;

/**
 * Everything the desk shows of a table on the ground, as DeskView does of a surface.
 *
 * @phpstan-import-type TableDrawn from TableDrawing
 * @phpstan-import-type BecauseNode from BecauseView
 * @phpstan-import-type CoefficientInfo from PaperView
 * @phpstan-import-type MaterialRow from PaperView
 * @phpstan-import-type PlannedAlike from DeskView
 * @phpstan-import-type Signature from PaperView
 * @phpstan-import-type StepInfo from PaperView
 * @phpstan-import-type Tone from Standing
 *
 * @phpstan-type TablePart array{
 *     path: string,
 *     name: string,
 *     in_ground: bool,
 *     reserve: string,
 *     word: Tone,
 *     demand: string,
 *     capacity: string,
 * }
 * @phpstan-type TableForce array{
 *     text: string,
 *     path: string,
 * }
 * @phpstan-type PostRow array{
 *     path: string,
 *     name: string,
 *     in_ground: bool,
 *     reserve: string,
 *     word: Tone,
 *     demand: string,
 *     capacity: string,
 *     id: string,
 *     rear: bool,
 *     x_m: float,
 *     height: string|null,
 *     depth: string,
 *     cut: string|null,
 *     bags: string|null,
 *     // That lie on it; null where nothing is held by blocks.
 *     blocks: int|null,
 *     sideways: TableForce|null,
 *     lift: TableForce|null,
 *     press: TableForce|null,
 *     weakest: string,
 * }
 * @phpstan-type TableData array{
 *     name: string,
 *     drawn: TableDrawn|null,
 *     // Says at which level they are.
 *     winds_at: string,
 *     // On the halves of the modules, pressing on their faces.
 *     winds: list<array{path: string, name: string, lower: string, upper: string}>,
 *     posts: list<PostRow>,
 *     // Told where none stands.
 *     none: string,
 *     parts: list<TablePart>,
 *     // The string is null where nothing is cut to it.
 *     stakes: list<array{post: string, along: string, string: string|null}>,
 *     diagonals: list<array{name: string, level: string, ground: string}>,
 *     apart: string,
 *     // The tables of the job in its field, in metres east and north of its mark; null where this one has no place there.
 *     field: array{
 *         // To read the scale off.
 *         bar: array{long_m: float, text: string},
 *         tables: list<array{id: string, name: string, here: bool, corners: list<array{float, float}>, posts: list<array{float, float}>}>,
 *         lines: list<array{what: string, from: array{float, float}, to: array{float, float}}>,
 *         no_dig: list<array{what: string, corners: list<array{float, float}>}>,
 *         soils: list<array{what: string, corners: list<array{float, float}>}>,
 *         stakes: list<array{post: string, east: string, north: string}>,
 *     }|null,
 *     // The days of its crew; null where nobody said who builds it and from when on. Days are written as 2026-06-05.
 *     days: array{
 *         from: string,
 *         to: string,
 *         hours: string,
 *         rows: list<array{name: string, on: list<string>, kept: list<string>}>,
 *         waits: list<array{name: string, from: string, until: string}>,
 *         days: list<array{on: string, says: list<string>}>,
 *     }|null,
 *     // Before a storm and after it, in sentences.
 *     storm: list<string>,
 *     // How true north is found, in sentences.
 *     north: list<string>,
 *     bearings: array{faces: string|null, faces_compass: string|null, row: string|null, row_compass: string|null},
 *     // What tapes between the outer stakes show, in sentences; null where nobody measured.
 *     square: array{stands: bool, says: list<string>}|null,
 *     // Posts by length of stock.
 *     bars: list<string>,
 *     stock: string,
 * }
 *
 * What is told of a table on asking.
 * @phpstan-type TableTold array{
 *     coefficients: list<CoefficientInfo>,
 *     not_covered: list<string>,
 *     signatures: list<Signature>,
 *     materials: list<MaterialRow>,
 *     steps: list<StepInfo>,
 * }
 */
final class TableView
{
    /** Of a post that nothing is asked of. */
    private const NOTHING_ASKED = [
        'weakest' => '', 'path' => '', 'name' => '', 'in_ground' => false, 'reserve' => '', 'word' => 'plain', 'demand' => '', 'capacity' => '',
    ];

    /** What only surfaces have. */
    private const NOT_OF_TABLES = ['block' => '', 'blocks' => [], 'survey' => [], 'runs' => [], 'eave_to_ridge' => ''];

    /**
     * @param array<string, TablePlan>|null $all Plans of all tables of its job, where they are known
     *
     * @return array<string, mixed>
     */
    public static function of(DesignModel $model, string $id, ?array $all = null): array
    {
        $project = $model->document();
        $design = $project->table($id);
        $all ??= TablesKnown::around($project, $id);
        $field = TablesBeside::of($all, $id);
        $plan = $all[$id];
        [$common, $outOfDate] = DeskView::common($model, $design, $plan, $id, $all);
        $texts = Texts::of($design);

        return $common + self::NOT_OF_TABLES + DeskView::alike($plan, $texts, static fn (string $at): string => $at, $outOfDate)
            + ['table' => self::table($project, $id, $field)] + self::told($plan, $texts);
    }

    /** @return TableTold */
    private static function told(TablePlan $plan, Texts $texts): array
    {
        return [
            'coefficients' => PaperView::coefficients($plan, $texts),
            'not_covered' => array_map(static fn (string $what): string => $texts->say("not_covered.$what"), $plan->notCovered()),
            'signatures' => array_map(static fn (Confirmation $one): array => [
                'subject' => $one->subject, 'name' => $one->who(), 'on' => $one->on, 'reason' => $one->reason,
            ], $plan->design->confirmations),
            'materials' => PaperView::materials($plan->materials()),
            'steps' => array_map(static fn (array $step): array => [
                'code' => $step['code'], 'text' => $texts->say('step.'.$step['code'], $step['values']),
                'cautions' => array_map(static fn (string $caution): string => $texts->say("caution.$caution"), $step['cautions']), 'at_foot' => false,
            ], $plan->steps()),
        ];
    }

    /**
     * @param list<string>|null $ids Of these alone; null for all
     *
     * @return list<array<string, mixed>>
     */
    public static function onPaper(DesignModel $model, ?array $ids = null): array
    {
        $all = TablesBeside::all($model->document(), Depth::Checks);

        return array_map(
            static fn (string $id): array => ['becauses' => self::becauses($all[$id])] + self::of($model, $id, $all),
            $ids === null ? $model->document()->tableIds() : array_values(array_intersect($model->document()->tableIds(), $ids)),
        );
    }

    /** @return list<BecauseNode> The becauses that go on paper: loads, and the post, pipe or part of which most is asked, thing by thing */
    private static function becauses(TablePlan $plan): array
    {
        /** @var array<string, string> $worst By what is asked, the path */
        $worst = [];
        foreach ($plan->checks as $path => $check) {
            $worst[$check->what] = $check->ratio > ($plan->checks[$worst[$check->what] ?? '']->ratio ?? -1.0) ? $path : $worst[$check->what];
        }
        $becauses = [];
        foreach (array_intersect([TableFigures::pressure($plan->figures), 'loads/ps', ...array_values($worst)], Becauses::paths($plan)) as $path) {
            $becauses[] = BecauseView::of($plan, Becauses::of($plan, $path));
        }

        return $becauses;
    }

    /** @return array<string, mixed> What a change would do: PlannedAlike, and the table */
    public static function preview(Project $project, string $id): array
    {
        $field = TablesBeside::of(TablesKnown::around($project, $id), $id);
        $plan = $field[$id];

        return self::NOT_OF_TABLES + DeskView::alike($plan, Texts::of($plan->design), static fn (string $at): string => $at)
            + ['table' => self::table($project, $id, $field)];
    }

    /** @return PlannedAlike['loads'] But for the winds, which have a table of their own */
    public static function loads(TablePlan $plan, Texts $texts): array
    {
        $loads = [];
        foreach ($plan->figures->listed() as $path => $figure) {
            if (!str_starts_with($figure->code, 'open_wind')) {
                $loads[] = ['path' => $path, 'name' => $texts->say('because.'.$figure->code), 'value' => isset($figure->values['value_Pa'])
                    ? $plan->design->printer()->print(Dimension::Pressure, (float) $figure->values['value_Pa'])
                    : Printer::number((float) ($figure->values['value'] ?? 0.0), 3)];
            }
        }

        return $loads;
    }

    /** @return TableData['winds'] */
    private static function winds(TablePlan $plan, Texts $texts): array
    {
        $winds = [];
        foreach ($plan->figures->listed() as $path => $figure) {
            if (str_starts_with($figure->code, 'open_wind')) {
                $print = static fn (string $half): string => $plan->design->printer()->print(Dimension::Pressure, (float) $figure->values[$half]);
                $winds[] = [
                    'path' => $path, 'name' => $texts->say((string) $figure->values['case']), 'lower' => $print('lower_Pa'),
                    'upper' => $print('upper_Pa'),
                ];
            }
        }

        return $winds;
    }

    /**
     * The table itself: numbers for drawing, texts for reading.
     *
     * @param array<string, TablePlan> $field It, and the others that have a place in its field
     *
     * @return TableData
     */
    private static function table(Project $project, string $id, array $field): array
    {
        $plan = $field[$id];
        $texts = Texts::of($plan->design);
        $printer = $plan->design->printer();
        $degrees = static fn (?float $rad): ?string => $rad === null ? null : Printer::number(rad2deg($rad), 1).'°';

        return [
            'field' => TableField::of($project, $id, $field),
            'name' => $plan->design->table->name,
            'drawn' => TableDrawing::of($plan),
            'winds_at' => $texts->say('winds.'.TableStandards::of($plan->design->site)->level()),
            'winds' => self::winds($plan, $texts),
            'posts' => array_map(static fn (TablePost $post): array => self::post($plan, $texts, $post), $plan->posts),
            'none' => $texts->say(match (true) {
                $plan->face === null => 'table.unplanned',
                $plan->design->table->racking instanceof LaidOnGround => 'table.none_laid',
                default => 'table.none',
            }),
            'parts' => array_values(array_map(
                static fn (TableCheck $check): array => self::check($plan, $texts, $check),
                array_filter($plan->checks, static fn (TableCheck $check): bool => preg_match('/\d/', $check->place) !== 1),
            )),
            'stakes' => array_map(static fn (array $stake): array => [
                'post' => $stake['post'], 'along' => $printer->tape($stake['along_m']),
                'string' => $stake['string_m'] > 0.0 ? $printer->tape($stake['string_m']) : null,
            ], $plan->setOut->stakes ?? []),
            'diagonals' => array_map(static fn (array $one): array => [
                'name' => "{$one['from']}–{$one['to']}", 'level' => $printer->tape($one['level_m']), 'ground' => $printer->tape($one['ground_m']),
            ], $plan->setOut->diagonals ?? []),
            'apart' => ($plan->setOut->apart_m ?? 0.0) <= 0.0 ? '' : $printer->tape($plan->setOut->apart_m ?? 0.0),
            'bearings' => [
                'faces' => $degrees($plan->design->table->bearing->toRadians()), 'faces_compass' => $degrees($plan->setOut?->facesCompass_rad),
                'row' => $degrees($plan->setOut?->row_rad), 'row_compass' => $degrees($plan->setOut?->rowCompass_rad),
            ],
            'storm' => StormTexts::of($plan), 'north' => NorthTexts::of($plan), 'days' => self::days($plan, $texts),
            'square' => TableField::square($plan, $texts),
            'bars' => array_map(static fn (array $bar): string => implode(' + ', $bar), $plan->stand->bars ?? []),
            'stock' => $plan->stand->stock ?? '',
        ];
    }

    /** @return TableData['days'] Null where nobody said who builds it and from when on */
    private static function days(TablePlan $plan, Texts $texts): ?array
    {
        $days = $plan->days();
        if ($days === null || $days->tasks === []) {
            return null;
        }
        $rows = [];
        foreach ($days->tasks as $task) {
            $rows[$task['code']] ??= ['name' => $texts->say('bar.'.$task['code']), 'on' => [], 'kept' => []];
            $rows[$task['code']][$task['kept_from'] === '' ? 'on' : 'kept'][] = $task['on'];
        }
        $all = $days->days();

        return [
            'from' => $all[0], 'to' => $all[count($all) - 1], 'hours' => Printer::number($days->hours, 1).' h', 'rows' => array_values($rows),
            'waits' => array_map(static fn (array $wait): array => [
                'name' => $texts->say('bar.'.$wait['code'], ['days' => $wait['days']]), 'from' => $wait['from'], 'until' => $wait['until'],
            ], $days->waits),
            'days' => DayTexts::of($plan),
        ];
    }

    /** @return PostRow */
    private static function post(TablePlan $plan, Texts $texts, TablePost $post): array
    {
        $printer = $plan->design->printer();
        $worst = $plan->worstOf($post->place->id);
        $demand = static function (string $what) use ($plan, $printer, $post): ?array {
            $at = "posts/{$post->place->id}";
            $check = $plan->checks["$at/$what"] ?? $plan->checks["$at/tray_$what"] ?? null;

            return $check === null ? null : ['text' => $printer->print(Dimension::Force, $check->demand_si), 'path' => $check->path()];
        };

        return [
            'id' => $post->place->id, 'rear' => $post->place->isRear, 'x_m' => $post->place->x_m,
            'height' => $post->place->height_m > 0.0 ? $printer->tape($post->place->height_m) : null,
            'depth' => $printer->tape($post->depth_m), 'cut' => $post->cut_m === null ? null : $printer->tape($post->cut_m),
            'bags' => $post->bags === null ? null : rtrim(rtrim(Printer::number($post->bags, 2), '0'), '.'),
            'blocks' => $post->blocks,
            'sideways' => $demand('sideways'), 'lift' => $demand('lift'), 'press' => $demand('press'),
        ] + ($worst === null ? self::NOTHING_ASKED : ['weakest' => $texts->say("table_weakest.{$worst->says()}")] + self::check($plan, $texts, $worst));
    }

    /** @return TablePart */
    private static function check(TablePlan $plan, Texts $texts, TableCheck $check): array
    {
        $dimension = Dimension::tryFrom($check->unit);
        $print = static fn (float $value_si): string => $dimension === null ? '' : $plan->design->printer()->print($dimension, $value_si);

        return [
            'path' => $check->path(), 'name' => $texts->say(
                "because.table_{$check->says()}",
                ['place' => $check->place],
            ), 'in_ground' => $check->isOfFoundation(), 'reserve' => Texts::reserve($check->reserve()),
            'word' => Texts::word($check->reserve()), 'demand' => $print($check->demand_si), 'capacity' => $print($check->capacity_si),
        ];
    }
}
