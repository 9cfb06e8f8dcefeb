<?php

declare(strict_types=1);

namespace App\Desk;

use App\Models\Design as DesignModel;
use App\Paper\PaperView;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Ground\Field\BuriedLine;
use Garnetine\Core\Design\Ground\Field\FieldPlace;
use Garnetine\Core\Design\Ground\Field\NoDigArea;
use Garnetine\Core\Design\Ground\Field\SoilArea;
use Garnetine\Core\Design\Ground\Racking\LaidOnGround;
use Garnetine\Core\Design\Ground\Racking\TwoRows;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Ground\Loading\TableStandards;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableFigures;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Message\DayTexts;
use Garnetine\Core\Message\NorthTexts;
use Garnetine\Core\Message\StormTexts;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\KindBeside;
use Garnetine\Core\Plan\TableChooser;
use Garnetine\Core\Plan\TableCures;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Plan\TablesBeside;
use Garnetine\Core\Plan\TableWay;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;
use Garnetine\Core\Rates\Rates;
use Garnetine\Core\Sun\SunPaths;

/**
 * Everything the desk shows of a table on the ground, as DeskView does of a surface.
 *
 * @phpstan-import-type BecauseNode from BecauseView
 * @phpstan-import-type CoefficientInfo from PaperView
 * @phpstan-import-type Edit from Edits
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
 *
 * A section through the table where most is asked of it, and its plan: metres from the low edge, on the level and up.
 * @phpstan-type TableDrawn array{
 *     tilt_rad: float,
 *     chord_m: float,
 *     width_m: float,
 *     offset_m: float,
 *     column: string,
 *     frost_m: float,
 *     // Straight members between two places, each a y and a z of one end and of the other.
 *     struts: list<array{float, float, float, float}>,
 *     // Whether what lies on the posts is a round pipe.
 *     is_round: bool,
 *     beam_wide_m: float,
 *     beam_high_m: float,
 *     // Over the ground, of the block on which a post stands; null where it goes into the ground.
 *     stands_on_m: float|null,
 *     uprights: list<TableUpright>,
 *     posts_m: list<float>,
 *     lines_m: list<float>,
 *     rows: int,
 *     columns: int,
 *     // Other tilts, with their low edge from that of the planned one.
 *     seasons: list<array{tilt_rad: float, y_m: float, z_m: float, text: string}>,
 *     text: array{
 *         between: string|null,
 *         frost: string,
 *         tilt: string,
 *         edge: string,
 *         width: string,
 *         chord: string,
 *         bay: string|null,
 *     },
 * }
 * @phpstan-type TableUpright array{
 *     y_m: float,
 *     ground_m: float,
 *     top_m: float,
 *     depth_m: float|null,
 *     hole_m: float,
 *     thick_m: float,
 *     height: string|null,
 *     depth: string|null,
 *     cut: string|null,
 *     // Of ballast on it.
 *     blocks: int|null,
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
 * @phpstan-type TableBeside array{
 *     // What would make a table hold that does not, and what is entered for it.
 *     cures: list<array{says: string, edits: list<Edit>}>,
 *     // Other numbers of posts, and other holes.
 *     ways: list<array{
 *         posts: int,
 *         hole: string,
 *         depth: string|null,
 *         bags: string,
 *         reserve: string,
 *         // By the company's rates; empty for who does not see these.
 *         cost: string,
 *         holds: bool,
 *         // Past its end posts, where that is another than is planned.
 *         overhang: string|null,
 *         is_here: bool,
 *         edits: list<Edit>,
 *     }>,
 *     // Tilts beside each other, and the light of the months; null where nobody said how clear those are.
 *     sun: array{
 *         // The sun's ways on three days: bearing and height in degrees.
 *         paths: list<array{name: string, points: list<array{float, float}>}>,
 *         horizon: list<array{float, float}>,
 *         // How much that takes; empty where nobody looked.
 *         hidden: string,
 *         // Of the best fixed way, what others keep in percent, by bearing and tilt in degrees.
 *         every_way: array{keeps: array<int, array<int, float>>, best: array{int, int}, here: array{float, float}, says: string}|null,
 *         choices: list<array{name: string, tilts: string, keeps: string, is_here: bool}>,
 *         // How far apart rows stand, in sentences.
 *         pitches: list<array{says: string, is_usual: bool}>,
 *         months: list<array{name: string, light: float}>,
 *     }|null,
 * }
 *
 * The same modules on one kind of table.
 * @phpstan-type TableKindBeside array{
 *     kind: string,
 *     is_here: bool,
 *     posts: int,
 *     depth: string,
 *     bags: string,
 *     // Of all posts as they are cut.
 *     length: string,
 *     // Of one person, to build it; empty where nobody said how long things take.
 *     hours: string,
 *     // By the company's rates; empty for who does not see these.
 *     cost: string,
 *     // How much is still to be entered or proven.
 *     missing: int,
 *     // What stands against it first; empty where nothing known does.
 *     against: string,
 *     edits: list<Edit>,
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
            'field' => self::field($project, $id, $field),
            'name' => $plan->design->table->name,
            'drawn' => self::drawn($plan),
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
            'square' => self::square($plan, $texts),
            'bars' => array_map(static fn (array $bar): string => implode(' + ', $bar), $plan->stand->bars ?? []),
            'stock' => $plan->stand->stock ?? '',
        ];
    }

    /**
     * What takes its time and is told on asking: what else would stand, the fewest posts under any overhang, and what the tilt keeps of the best.
     *
     * @param string $what ways, fewest or sun; ways and sun where it is none of them
     *
     * @return TableBeside
     */
    public static function beside(TableDesign $design, string $what, ?Rates $rates = null): array
    {
        $fewest = $what === 'fewest' ? TablePlanner::fewest($design, TablePlanner::ways($design)) : null;

        return [
            'cures' => in_array($what, ['sun', 'fewest'], true) ? [] : self::cures($design, $rates),
            'ways' => match ($what) {
                'sun' => [],
                'fewest' => $fewest === null ? [] : [self::way($design, $fewest, true, $rates)],
                default => array_map(static fn (TableWay $way): array => self::way($design, $way, false, $rates), TablePlanner::ways($design)),
            },
            'sun' => in_array($what, ['ways', 'fewest'], true) ? null : self::sun($design),
        ];
    }

    /** @return TableBeside['cures'] What would make a table hold that does not */
    private static function cures(TableDesign $design, ?Rates $rates): array
    {
        [$texts, $printer, $cures] = [Texts::of($design), $design->printer(), []];
        foreach (TableCures::of($design) as $what => $way) {
            $racking = $way->design->table->racking;
            $front_m = $racking instanceof TwoRows ? $racking->sizes()->frontHeight->toMetres() : 0.0;
            $cost = self::cost($way, $rates);
            $cures[] = [
                'says' => $texts->say("table_cure.$what", [
                    'depth_m' => $way->depth_m ?? 0.0, 'front_m' => $front_m, 'reserve' => Texts::reserve($way->reserve ?? 0.0),
                    'bags' => ($way->bags > 0.0 ? ', '.Printer::number(ceil($way->bags - 1e-9), 0).' bags' : '').($cost === '' ? '' : ", $cost"),
                ]),
                'edits' => [$what === TableCures::DOUBLED ? ['path' => '/table/footing/doubling', 'add' => true]
                    : ['path' => '/table/racking/front_height_m', 'typed' => $printer->length($front_m)]],
            ];
        }

        return $cures;
    }

    /** @return list<TableKindBeside> The same modules on each kind of table */
    public static function kinds(TableDesign $design, ?Rates $rates = null): array
    {
        $texts = Texts::of($design);
        $printer = $design->printer();

        return array_map(static function (KindBeside $one) use ($texts, $printer, $rates): array {
            $fails = $one->failing();
            $posts = $one->plan->posts ?? [];

            return [
                'kind' => $texts->choice('/table/racking/kind', $one->kind), 'is_here' => $one->isHere, 'posts' => count($posts),
                'depth' => $posts === [] || $posts[0]->blocks !== null ? '' : $printer->length($posts[0]->depth_m),
                'bags' => $posts === [] || $posts[0]->bags === null ? '' : Printer::number(ceil(TablePost::bagsOf($posts) - 1e-9), 0),
                'length' => TablePost::lengthOf_m($posts) > 0.0 ? $printer->tape(TablePost::lengthOf_m($posts)) : '',
                'cost' => self::cost($one, $rates),
                'hours' => $one->plan?->hours() === null ? '' : Printer::number($one->plan->hours(), 1).' h', 'missing' => $one->missing,
                'against' => match (true) {
                    $one->plan === null => $texts->say('chooser.no_fit'),
                    $one->refusal !== null => $texts->finding($one->refusal),
                    $fails !== null => $texts->say("because.table_{$fails->says()}", ['place' => $fails->place]).': '.Texts::reserve($fails->reserve()),
                    default => '',
                },
                'edits' => $one->edits,
            ];
        }, TableChooser::of($design));
    }

    /** Of work and what stands in the ground, by the rates of the company; empty where one of them is open. */
    private static function cost(KindBeside|TableWay $one, ?Rates $rates): string
    {
        $cost = $rates === null ? null : $one->effort($rates)?->cost;

        return $rates === null || $cost === null ? '' : "$rates->currency ".Printer::number(round($cost), 0);
    }

    /**
     * @param bool $isElsewhere Whether its overhang is another than the present one
     *
     * @return TableBeside['ways'][int]
     */
    private static function way(TableDesign $design, TableWay $way, bool $isElsewhere, ?Rates $rates): array
    {
        $printer = $design->printer();
        [$here, $there] = [Writer::toArray($design->table), Writer::toArray($way->design->table)];
        $edits = [];
        foreach ([
            '/table/racking/posts' => ['racking', 'posts'], '/table/footing/hole_m' => ['footing', 'hole_m'],
            ...$isElsewhere ? ['/table/racking/end_overhang_m' => ['racking', 'end_overhang_m']] : [],
        ] as $path => [$part, $key]) {
            $value = is_array($there[$part] ?? null) ? $there[$part][$key] ?? null : null;
            if (is_int($value) || is_float($value)) {
                $edits[] = ['path' => $path, 'typed' => is_int($value) ? (string) $value : $printer->length($value)];
            }
        }
        // What else would stand does so in equal bays.
        $bay = is_array($here['racking'] ?? null) ? $here['racking']['bay_m'] ?? null : null;
        array_push($edits, ...$bay === null ? [] : [['path' => '/table/racking/bay_m', 'typed' => '']]);

        return [
            'posts' => $way->posts, 'hole' => $printer->length($way->hole_m), 'depth' => $way->depth_m === null ? null : $printer->length($way->depth_m),
            'bags' => Printer::number(ceil($way->bags - 1e-9), 0), 'reserve' => $way->reserve === null ? '' : Texts::reserve($way->reserve),
            'cost' => self::cost($way, $rates), 'holds' => $way->holds, 'overhang' => $isElsewhere ? $edits[2]['typed'] ?? null : null,
            'is_here' => $there['racking'] === $here['racking'] && $there['footing'] === $here['footing'],
            'edits' => $edits,
        ];
    }

    /** @return TableBeside['sun'] Null where nobody said how clear the months are; bearings and heights in degrees */
    private static function sun(TableDesign $design): ?array
    {
        $report = TablePlanner::sun($design);
        $texts = Texts::of($design);
        $choices = [];
        foreach ($report->choices ?? [] as $choice) {
            $tilts = array_map(static fn (int $tilt_deg, int $from, ?int $day): string => match (true) {
                $day !== null => $texts->say('sun.from_day', ['tilt' => $tilt_deg, 'month' => "month.$from", 'day' => $day]),
                in_array($choice['what'], ['sun.one_axis', 'sun.two_axes'], true) => $texts->say('sun.up_to', ['tilt' => $tilt_deg]),
                count($choice['from']) === 1 => "{$tilt_deg}°",
                default => $texts->say('sun.from', ['tilt' => $tilt_deg, 'month' => "month.$from"]),
            }, $choice['tilts_deg'], $choice['from'], $choice['days'] ?? []);
            $choices[] = [
                'name' => $texts->say($choice['what']), 'tilts' => implode(', ', $tilts), 'keeps' => Printer::number(100 * $choice['keeps'], 1).' %',
                'is_here' => $choice['what'] === 'sun.here',
            ];
        }

        $pitches = array_map(static fn (array $one): array => [
            'says' => $texts->say($one['pitch_m'] === null ? 'sun.no_pitch' : 'sun.pitch', [
                'from' => $one['from'], 'to' => $one['to'], 'pitch_m' => $one['pitch_m'] ?? 0.0,
                'clear_m' => max(0.0, ($one['pitch_m'] ?? 0.0) - TableFace::chordOf_m($design) * cos($design->table->tilt()->toRadians())),
            ]),
            'is_usual' => $one['is_usual'],
        ], TablePlanner::pitches($design));

        $degrees = static fn (float $bearing, float $elevation): array => [round(rad2deg($bearing), 2), round(rad2deg($elevation), 2)];
        $sunshine = $design->table->sunshine;

        return $report === null || $sunshine === null ? null : [
            'paths' => array_map(static fn (array $path): array => [
                'name' => $texts->say("sun.day.{$path['day']}"),
                'points' => array_map(static fn (array $one): array => $degrees($one['bearing_rad'], $one['elevation_rad']), $path['points']),
            ], SunPaths::of($sunshine->latitude->toDegrees())),
            'horizon' => array_map(static fn (array $one): array => $degrees(...$one), TablePlanner::horizon($sunshine)->points ?? []),
            'hidden' => $report->hidden > 0.0 ? $texts->say('sun.hidden', ['share' => Printer::number(100 * $report->hidden, 1)]) : '',
            'every_way' => self::everyWay($design, $texts),
            'choices' => $choices, 'pitches' => $pitches, 'months' => array_map(
                static fn (float $light, int $month): array => ['name' => $texts->say("month.$month"), 'light' => $light],
                $report->months,
                array_keys($report->months),
            )];
    }

    /**
     * By bearing, from east to west over noon, and each third tilt
     *
     * @return array{keeps: array<int, array<int, float>>, best: array{int, int}, here: array{float, float}, says: string}|null
     */
    private static function everyWay(TableDesign $design, Texts $texts): ?array
    {
        $way = TablePlanner::everyWay($design);

        return $way === null ? null : [
            'keeps' => array_map(static fn (array $tilts): array => array_map(
                static fn (float $keeps): float => round(100 * $keeps, 1),
                array_filter($tilts, static fn (int $tilt): bool => $tilt % 3 === 0, ARRAY_FILTER_USE_KEY),
            ), $way->keeps),
            'best' => [$way->bestBearing_deg, $way->bestTilt_deg],
            'here' => [round($design->table->bearing->toDegrees(), 1), round($design->table->tilt()->toDegrees(), 1)],
            'says' => $texts->say('sun.every_way', [
                'tilt' => $way->bestTilt_deg, 'bearing' => $way->bestBearing_deg, 'keeps' => Printer::number(100 * $way->here, 1),
            ]),
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

    /**
     * The tables of a job that have a place in its field, with what was marked there.
     *
     * @param array<string, TablePlan> $plans Of this table, and of the others that have a place
     *
     * @return TableData['field'] Null where this table has none
     */
    private static function field(Project $project, string $id, array $plans): ?array
    {
        $tables = $stakes = [];
        foreach ($plans as $one => $plan) {
            $field = $plan->inField();
            if ($field === null) {
                continue;
            }
            $tables[] = [
                'id' => $one, 'name' => $plan->design->table->name, 'here' => $one === $id, 'corners' => $field->corners,
                'posts' => array_values($field->posts),
            ];
            $printer = $plan->design->printer();
            foreach ($one === $id ? $field->posts : [] as $post => [$east_m, $north_m]) {
                $stakes[] = ['post' => $post, 'east' => $printer->tape($east_m), 'north' => $printer->tape($north_m)];
            }
        }
        $metres = static fn (Length $east, Length $north): array => [$east->toMetres(), $north->toMetres()];

        $isUs = $project->units === UnitSystem::Us;

        return $stakes === [] ? null : [
            'bar' => ['long_m' => $isUs ? 20 * 0.3048 : 5.0, 'text' => $isUs ? '20 ft' : '5 m'],
            'tables' => $tables,
            'stakes' => $stakes,
            'lines' => array_map(static fn (BuriedLine $line): array => [
                'what' => $line->what, 'from' => $metres($line->fromEast, $line->fromNorth), 'to' => $metres($line->toEast, $line->toNorth),
            ], $project->site->buried),
            'no_dig' => array_map(static fn (NoDigArea $area): array => [
                'what' => $area->what, 'corners' => array_map(static fn (FieldPlace $corner): array => $metres($corner->east, $corner->north), $area->corners),
            ], $project->site->noDig),
            'soils' => array_map(static fn (SoilArea $area): array => [
                'what' => trim("$area->what ").($area->what === '' ? '' : ': ').Texts::of($project->table($id))->say("choice.kind.{$area->kind->value}"),
                'corners' => array_map(static fn (FieldPlace $corner): array => $metres($corner->east, $corner->north), $area->corners),
            ], $project->site->soils),
        ];
    }

    /** @return TableData['square'] Null where nobody measured */
    private static function square(TablePlan $plan, Texts $texts): ?array
    {
        $square = $plan->setOut?->square;
        if ($square === null) {
            return null;
        }
        $posts = count(array_filter($plan->stand->places ?? [], static fn (PostPlace $place): bool => !$place->isRear));
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

    /** @return TableDrawn|null Null where nothing is computed */
    private static function drawn(TablePlan $plan): ?array
    {
        [$face, $stand, $table] = [$plan->face, $plan->stand, $plan->design->table];
        if ($face === null || $stand === null) {
            return null;
        }
        [$printer, $texts] = [$plan->design->printer(), Texts::of($plan->design)];
        $fronts = array_values(array_filter($stand->places, static fn (PostPlace $place): bool => !$place->isRear));
        // In the section through the post that decides, or through the first.
        $column = preg_match('/^([A-Z]+)\d$/', $plan->worst()->place ?? '', $found) === 1 ? $found[1] : 'A';
        $low_m = $stand->side->lowEdge_m;
        $shown = array_values(array_filter($stand->places, static fn (PostPlace $place): bool => rtrim($place->id, '12') === $column));
        $xs_m = array_map(static fn (PostPlace $place): float => $place->x_m, $fronts);
        $between_m = $stand->setOut->apart_m;
        $struts = array_filter($stand->side->struts, static fn (int|string $of): bool => is_int($of) || $of === $column, ARRAY_FILTER_USE_KEY);

        return [
            'tilt_rad' => $face->tilt_rad, 'chord_m' => $face->chord_m, 'width_m' => $face->width_m, 'offset_m' => $stand->side->offset_m,
            'column' => $column, 'frost_m' => $stand->side->frost_m, 'struts' => array_values($struts), 'is_round' => $stand->side->isRound,
            'beam_wide_m' => $stand->side->beamWide_m, 'beam_high_m' => $stand->side->beamHigh_m, 'stands_on_m' => $stand->side->standsOn_m,
            'uprights' => array_map(static fn (PostPlace $place): array => self::upright($plan, $place, $low_m), $shown),
            'posts_m' => $xs_m, 'lines_m' => array_values(array_unique(array_map(static fn (PostPlace $place): float => $place->y_m, $shown))),
            'rows' => $table->rows, 'columns' => $table->columns,
            'seasons' => array_map(static fn (array $season): array => [
                'tilt_rad' => $season['tilt_rad'], 'y_m' => $season['y_m'], 'z_m' => $season['z_m'],
                'text' => $texts->say('sun.from_day', [
                    'tilt' => Printer::number(rad2deg($season['tilt_rad']), 1), 'month' => "month.{$season['month']}", 'day' => $season['day'],
                ]),
            ], $stand->seasons),
            'text' => [
                'between' => $between_m > 0.0 ? $printer->length($between_m) : null, 'frost' => $printer->length($stand->side->frost_m),
                'tilt' => Printer::number(rad2deg($face->tilt_rad), 1).'°', 'edge' => $printer->length($face->lowEdge_m),
                'width' => $printer->length($face->width_m), 'chord' => $printer->length($face->chord_m),
                'bay' => count($xs_m) > 1 ? $printer->length($xs_m[1] - $xs_m[0]) : null,
            ],
        ];
    }

    /** @return TableUpright One post in the section: y on the level from the low edge, z up from there */
    private static function upright(TablePlan $plan, PostPlace $place, float $low_m): array
    {
        $printer = $plan->design->printer();
        $post = array_values(array_filter($plan->posts, static fn (TablePost $post): bool => $post->place->id === $place->id))[0] ?? null;

        return [
            'y_m' => $place->y_m, 'ground_m' => $place->ground_m - $low_m, 'top_m' => $place->ground_m + $place->height_m - $low_m,
            'depth_m' => $post?->depth_m, 'hole_m' => $plan->stand->side->hole_m ?? 0.0, 'thick_m' => $place->member?->thick_m() ?? 0.05,
            'height' => $place->height_m > 0.0 ? $printer->length($place->height_m) : null,
            'depth' => $post === null || $post->blocks !== null ? null : $printer->length($post->depth_m),
            'cut' => $post?->cut_m === null ? null : $printer->tape($post->cut_m), 'blocks' => $post?->blocks,
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
