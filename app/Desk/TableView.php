<?php

declare(strict_types=1);

namespace App\Desk;

use App\Models\Design as DesignModel;
use App\Paper\PaperView;
use Garnetine\Core\Because\TableBecauses;
use Garnetine\Core\Design\Confirmation;
use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableMaterials;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Printer;

/** Everything the desk shows of a table on the ground, as DeskView does of a surface. */
final class TableView
{
    /** What only surfaces have. */
    private const NOT_OF_TABLES = ['block' => '', 'blocks' => [], 'own_missing' => [], 'survey' => [], 'runs' => [], 'eave_to_ridge' => ''];

    /** @return array<string, mixed> */
    public static function of(DesignModel $model, string $id): array
    {
        $project = $model->document();
        $design = $project->table($id);
        $plan = TablePlanner::plan($design, Depth::Checks);
        [$common, $outOfDate] = DeskView::common($model, $design, $plan, $id);
        $texts = Texts::of($design);

        return $common + self::NOT_OF_TABLES + ['examples' => $design->examplesLeft()] + DeskView::outOfDate(self::planned($plan), $outOfDate) + [
            'coefficients' => PaperView::coefficients($plan, $texts),
            'not_covered' => array_map(static fn (string $what): string => $texts->say("not_covered.$what"), $plan->notCovered()),
            'signatures' => array_map(static fn (Confirmation $one): array => [
                'subject' => $one->subject, 'name' => $one->who(), 'on' => $one->on, 'reason' => $one->reason,
            ], $design->confirmations),
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
        return array_map(
            static fn (string $id): array => ['becauses' => self::becauses(TablePlanner::plan(
                $model->document()->table($id),
                Depth::Checks,
            ))] + self::of($model, $id),
            $ids === null ? $model->document()->tableIds() : array_values(array_intersect($model->document()->tableIds(), $ids)),
        );
    }

    /** @return list<array<string, mixed>> The becauses that go on paper: loads, and the post, pipe or part of which most is asked, thing by thing */
    private static function becauses(TablePlan $plan): array
    {
        /** @var array<string, string> $worst By what is asked, the path */
        $worst = [];
        foreach ($plan->checks as $path => $check) {
            $worst[$check->what] = $check->ratio > ($plan->checks[$worst[$check->what] ?? '']->ratio ?? -1.0) ? $path : $worst[$check->what];
        }
        $becauses = [];
        foreach (array_intersect(['loads/qh', 'loads/ps', ...array_values($worst)], TableBecauses::paths($plan)) as $path) {
            $becauses[] = BecauseView::of($plan, TableBecauses::of($plan, $path));
        }

        return $becauses;
    }

    /** @return array<string, mixed> What a change would do */
    public static function preview(Project $project, string $id): array
    {
        return self::NOT_OF_TABLES + self::planned(TablePlanner::plan($project->table($id), Depth::Checks));
    }

    /** @return array<string, mixed> */
    private static function planned(TablePlan $plan): array
    {
        $texts = Texts::of($plan->design);

        return [
            'units' => $plan->design->units->value, 'stand' => $texts->stand(), 'course' => null,
            'status' => $plan->status()->value, 'status_text' => $texts->say('status.'.$plan->status()->value),
            'stages' => Stages::ofTable($plan),
            'findings' => DeskView::findings($plan, $texts, static fn (string $at): string => $at),
            'summary' => DeskView::summary($plan) + ['structure_signed_by' => null, 'structure_digest' => ''],
            'loads' => self::loads($plan, $texts),
            'table' => self::table($plan, $texts),
        ];
    }

    /** @return list<array{path: string, name: string, value: string}> But for the winds, which have a table of their own */
    private static function loads(TablePlan $plan, Texts $texts): array
    {
        $loads = [];
        foreach ($plan->figures->listed() as $path => $figure) {
            if ($figure->code !== 'open_wind') {
                $loads[] = ['path' => $path, 'name' => $texts->say('because.'.$figure->code), 'value' => isset($figure->values['value_Pa'])
                    ? $plan->design->printer()->print(Dimension::Pressure, (float) $figure->values['value_Pa'])
                    : Printer::number((float) ($figure->values['value'] ?? 0.0), 3)];
            }
        }

        return $loads;
    }

    /** @return list<array{path: string, name: string, lower: string, upper: string}> */
    private static function winds(TablePlan $plan, Texts $texts): array
    {
        $winds = [];
        foreach ($plan->figures->listed() as $path => $figure) {
            if ($figure->code === 'open_wind') {
                $print = static fn (string $half): string => $plan->design->printer()->print(Dimension::Pressure, (float) $figure->values[$half]);
                $winds[] = [
                    'path' => $path, 'name' => $texts->say((string) $figure->values['case']), 'lower' => $print('lower_Pa'),
                    'upper' => $print('upper_Pa'),
                ];
            }
        }

        return $winds;
    }

    /** @return array<string, mixed> The table itself: numbers for drawing, texts for reading */
    private static function table(TablePlan $plan, Texts $texts): array
    {
        $printer = $plan->design->printer();
        $pipes = $plan->design->table->racking;
        $degrees = static fn (?float $rad): ?string => $rad === null ? null : Printer::number(rad2deg($rad), 1).'°';

        return [
            'name' => $plan->design->table->name,
            'drawn' => self::drawn($plan),
            'winds' => self::winds($plan, $texts),
            'posts' => array_map(static fn (TablePost $post): array => self::post($plan, $texts, $post), $plan->posts),
            'parts' => array_values(array_map(
                static fn (TableCheck $check): array => self::check($plan, $texts, $check),
                array_filter($plan->checks, static fn (TableCheck $check): bool => preg_match('/\d/', $check->place) !== 1),
            )),
            'stakes' => array_map(static fn (array $stake): array => [
                'post' => $stake['post'], 'along' => $printer->tape($stake['along_m']), 'string' => $printer->tape($stake['string_m']),
            ], $plan->setOut->stakes ?? []),
            'diagonals' => array_map(static fn (array $one): array => [
                'name' => "{$one['from']}–{$one['to']}", 'level' => $printer->tape($one['level_m']), 'ground' => $printer->tape($one['ground_m']),
            ], $plan->setOut->diagonals ?? []),
            'apart' => $plan->setOut === null ? '' : $printer->tape($plan->setOut->apart_m),
            'bearings' => [
                'faces' => $degrees($plan->design->table->bearing->toRadians()), 'faces_compass' => $degrees($plan->setOut?->facesCompass_rad),
                'row' => $degrees($plan->setOut?->row_rad), 'row_compass' => $degrees($plan->setOut?->rowCompass_rad),
            ],
            'square' => self::square($plan, $texts),
            'bars' => $pipes instanceof PipeTable ? array_map(
                static fn (array $bar): string => implode(' + ', $bar),
                TableMaterials::bars($plan->posts, $pipes),
            ) : [],
            'stock' => $pipes instanceof PipeTable ? $printer->length($pipes->post->stock->toMetres()) : '',
        ];
    }

    /**
     * What takes its time and is told on asking: what else would stand, and what the tilt keeps of the best.
     *
     * @return array{ways: list<array<string, mixed>>, sun: array<string, mixed>|null}
     */
    public static function beside(TableDesign $design): array
    {
        return ['ways' => self::ways($design), 'sun' => self::sun($design)];
    }

    /** @return list<array<string, mixed>> */
    private static function ways(TableDesign $design): array
    {
        $printer = $design->printer();
        $pipes = $design->table->racking;
        $posts = $pipes instanceof PipeTable ? $pipes->posts : 0;

        return array_map(static fn (array $way): array => [
            'posts' => $way['posts'], 'hole' => $printer->length($way['hole_m']),
            'depth' => $way['depth_m'] === null ? null : $printer->length($way['depth_m']),
            'bags' => Printer::number(ceil($way['bags'] - 1e-9), 0), 'reserve' => $way['reserve'] === null ? '' : Texts::reserve($way['reserve']),
            'holds' => $way['holds'],
            'is_here' => $way['posts'] === 2 * $posts && abs($way['hole_m'] - $design->table->footing->hole->toMetres()) < 1e-9,
            'edits' => [
                ['path' => '/table/racking/posts', 'typed' => (string) intdiv($way['posts'], 2)],
                ['path' => '/table/footing/hole_m', 'typed' => $printer->length($way['hole_m'])],
            ],
        ], TablePlanner::ways($design));
    }

    /** @return array{choices: list<array{name: string, tilts: string, keeps: string, is_here: bool}>, months: list<array{name: string, light: float}>}|null Null where nobody said how clear the months are */
    private static function sun(TableDesign $design): ?array
    {
        $report = TablePlanner::sun($design);
        $texts = Texts::of($design);
        $choices = [];
        foreach ($report->choices ?? [] as $choice) {
            $tilts = array_map(static fn (int $tilt_deg, int $from): string => count($choice['from']) === 1
                ? "{$tilt_deg}°" : $texts->say('sun.from', ['tilt' => $tilt_deg, 'month' => "month.$from"]), $choice['tilts_deg'], $choice['from']);
            $choices[] = [
                'name' => $texts->say($choice['what']), 'tilts' => implode(', ', $tilts), 'keeps' => Printer::number(100 * $choice['keeps'], 1).' %',
                'is_here' => $choice['what'] === 'sun.here',
            ];
        }

        return $report === null ? null : ['choices' => $choices, 'months' => array_map(
            static fn (float $light, int $month): array => ['name' => $texts->say("month.$month"), 'light' => $light],
            $report->months,
            array_keys($report->months),
        )];
    }

    /** @return array{stands: bool, says: list<string>}|null Null where nobody measured */
    private static function square(TablePlan $plan, Texts $texts): ?array
    {
        $square = $plan->setOut?->square;
        if ($square === null || $plan->shape === null) {
            return null;
        }
        $posts = count($plan->shape->posts_m);
        $says = [$texts->say("square.{$square->state}", [
            'differ_m' => abs($square->differ_m), 'far_line_m' => abs($square->farLine_m), 'side' => $square->farLine_m > 0.0 ? 'right' : 'left',
        ])];
        foreach ($square->moves as $move) {
            $says[] = $texts->say('square.move', [
                'stake' => SetOut::stake($move['corner'], $posts), 'right_m' => abs($move['right_m']), 'side' => $move['right_m'] >= 0.0 ? 'right' : 'left',
                'back_m' => abs($move['back_m']), 'way' => $move['back_m'] >= 0.0 ? 'rear' : 'front',
            ]);
        }

        return ['stands' => $square->state === 'square', 'says' => $says];
    }

    /** @return array<string, mixed>|null Null where nothing is computed */
    private static function drawn(TablePlan $plan): ?array
    {
        $shape = $plan->shape;
        $table = $plan->design->table;
        if ($shape === null || !$table->racking instanceof PipeTable) {
            return null;
        }
        $printer = $plan->design->printer();
        $worst = $plan->worst();
        // In the section through the post that decides, or through the first.
        $column = $worst !== null && preg_match('/^([A-L])\d$/', $worst->place, $found) === 1 ? ord($found[1]) - ord('A') : 0;
        $depth_m = $plan->posts[0]->depth_m ?? null;
        $cut = static fn (float $height_m): ?string => $depth_m === null ? null : $printer->tape($height_m + $depth_m - $table->racking->seat->toMetres());

        return [
            'tilt_rad' => $shape->tilt_rad, 'chord_m' => $shape->chord_m, 'width_m' => $shape->width_m, 'front_pipe_m' => $shape->frontPipe_m,
            'rear_pipe_m' => $shape->rearPipe_m,
            'between_m' => $shape->between_m, 'rise_m' => $shape->rise_m, 'offset_m' => $shape->offset_m, 'column' => chr(ord('A') + $column),
            'front_m' => $shape->front_m[$column], 'rear_m' => $shape->rear_m[$column],
            'ground_rise_m' => $shape->rearGround_m[$column] - $shape->frontGround_m[$column],
            'depth_m' => $depth_m, 'hole_m' => $table->footing->hole->toMetres(), 'post_m' => $table->racking->post->outside->toMetres(),
            'frost_m' => $table->soil->frostDepth->toMetres(),
            'posts_m' => $shape->posts_m, 'rails_m' => $shape->rails_m, 'rows' => $table->rows, 'columns' => $table->columns,
            'text' => [
                'front' => $printer->length($shape->front_m[$column]), 'rear' => $printer->length($shape->rear_m[$column]),
                'between' => $printer->length($shape->between_m),
                'depth' => $depth_m === null ? null : $printer->length($depth_m), 'cut_front' => $cut($shape->front_m[$column]),
                'cut_rear' => $cut($shape->rear_m[$column]),
                'frost' => $printer->length($table->soil->frostDepth->toMetres()), 'tilt' => Printer::number(
                    rad2deg($shape->tilt_rad),
                    1,
                ).'°', 'edge' => $printer->length($shape->lowEdge_m),
                'width' => $printer->length($shape->width_m), 'chord' => $printer->length($shape->chord_m),
                'bay' => $printer->length($shape->posts_m[1] - $shape->posts_m[0]),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function post(TablePlan $plan, Texts $texts, TablePost $post): array
    {
        $printer = $plan->design->printer();
        $worst = $plan->worstOf($post->id);
        $demand = static fn (string $what): array => [
            'text' => $printer->print(Dimension::Force, $plan->checks["posts/{$post->id}/$what"]->demand_si ?? 0.0), 'path' => "posts/{$post->id}/$what",
        ];

        return [
            'id' => $post->id, 'rear' => $post->isRear, 'x_m' => $post->x_m, 'height' => $printer->tape($post->height_m),
            'depth' => $printer->tape($post->depth_m),
            'cut' => $printer->tape($post->cut_m), 'bags' => rtrim(rtrim(Printer::number($post->bags, 2), '0'), '.'),
            'sideways' => $demand('sideways'), 'lift' => $demand('lift'), 'press' => $demand('press'),
        ] + ($worst === null ? ['path' => null, 'weakest' => ''] : ['weakest' => $texts->say("table_weakest.{$worst->what}")] + self::check(
            $plan,
            $texts,
            $worst,
        ));
    }

    /** @return array{path: string, name: string, reserve: string, word: string, demand: string, capacity: string} */
    private static function check(TablePlan $plan, Texts $texts, TableCheck $check): array
    {
        $dimension = Dimension::tryFrom($check->unit);
        $print = static fn (float $value_si): string => $dimension === null ? '' : $plan->design->printer()->print($dimension, $value_si);

        return [
            'path' => $check->path(), 'name' => $texts->say(
                "because.table_{$check->what}",
                ['place' => $check->place],
            ), 'reserve' => Texts::reserve($check->reserve()),
            'word' => Texts::word($check->reserve()), 'demand' => $print($check->demand_si), 'capacity' => $print($check->capacity_si),
        ];
    }
}
