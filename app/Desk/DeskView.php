<?php

declare(strict_types=1);

namespace App\Desk;

use App\Company\CompanyCopies;
use App\Company\ConfirmedValues;
use App\Models\Design as DesignModel;
use App\Paper\CalculationView;
use App\Paper\CoverView;
use App\Paper\PaperView;
use App\Planning\Newest;
use App\Planning\Planning;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Load\Admission;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\BlockPlan;
use Garnetine\Core\Plan\Cures;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Quantity\Dimension;

/**
 * Everything the desk shows of a design, as numbers for drawing and finished texts for reading.
 *
 * @phpstan-import-type SurfaceRow from SurfaceList
 * @phpstan-import-type Edit from Edits
 * @phpstan-import-type BecauseNode from BecauseView
 * @phpstan-import-type Demand from DemandView
 * @phpstan-import-type FieldInfo from FieldView
 * @phpstan-import-type OwnCopyInfo from OwnCopyView
 * @phpstan-import-type Run from RunView
 * @phpstan-import-type Sheet from SheetView
 * @phpstan-import-type StageState from Stages
 * @phpstan-import-type SurveyItem from FieldView
 * @phpstan-import-type Tone from Standing
 *
 * @phpstan-type FindingInfo array{
 *     kind: 'stop'|'refusal'|'warning'|'assumption',
 *     code: string,
 *     text: string,
 *     at: string,
 *     stage: string,
 *     subject: string,
 *     clearable: bool,
 *     cleared_by: string|null,
 *     // Edits that would mend it, none where it names none.
 *     cure: list<Edit>,
 * }
 * @phpstan-type Summary array{
 *     modules: int,
 *     attachments: int,
 *     // Them in words: "32 feet", "8 posts".
 *     counted: string,
 *     reserve: string|null,
 *     // What stops the plan, or how it holds.
 *     word: string,
 *     tone: Tone,
 *     open_stops: int,
 *     to_enter: int,
 *     unconfirmed: int,
 *     refused: bool,
 *     structure_signed_by: string|null,
 *     structure_digest: string,
 * }
 * @phpstan-type PlannedAlike array{
 *     units: 'ft_in'|'mm',
 *     status: 'preliminary'|'confirmed',
 *     status_text: string,
 *     // What feet along a line are counted by.
 *     stand: 'member'|'rib'|'seam'|'purlin'|'course'|'place',
 *     // What courses are told by; null where there are none.
 *     course: 'butt'|'batten'|null,
 *     stages: list<StageState>,
 *     findings: list<FindingInfo>,
 *     summary: Summary,
 *     loads: list<array{path: string, name: string, value: string}>,
 * }
 * @phpstan-type PlannedSurface array{
 *     demand: Demand|null,
 *     sheet: Sheet,
 *     runs: list<Run>,
 *     // What every tape says first.
 *     tape_head: string,
 *     table: null,
 * }
 * @phpstan-type OfDesign array{
 *     // The one in view.
 *     surface: string,
 *     // All of the job.
 *     surfaces: list<SurfaceRow>,
 *     // What undo would take back and redo bring again, in words.
 *     history: array{undo: string|null, redo: string|null},
 *     design: array{id: int, number: int, hash: string, author: string|null, at: string, is_side: bool, change: string},
 *     own_copies: list<OwnCopyInfo>,
 *     // What the company read in its copies and this design does not use.
 *     own_offers: list<OwnCopyInfo>,
 *     // What others of the company confirmed and this design has not.
 *     confirmed_offers: array{count: int, by: string}|null,
 *     // Values that the case is refused for until somebody reads them.
 *     own_missing: list<array{id: string, name: string}>,
 *     // Places of values that nobody entered, by the part of the design that a finding names.
 *     examples: array<string, list<string>>,
 *     fields: array<string, FieldInfo>,
 *     lists: array<string, int>,
 * }
 * @phpstan-type OfSurface array{
 *     // In view, and all of the surface.
 *     block: string,
 *     blocks: list<array{id: string, number: int, modules: int}>,
 *     // What slope length and pitch give for it.
 *     eave_to_ridge: string,
 *     survey: list<SurveyItem>,
 * }
 */
final class DeskView
{
    /** @return array<string, mixed> */
    public static function of(DesignModel $model): array
    {
        $table = Chosen::table($model->document());

        return $table === null ? self::ofPlan($model, Chosen::of($model->document())) : TableView::of($model, $table);
    }

    /**
     * All surfaces, one after the other, with what only paper needs: the cover, the tools, the calculation.
     *
     * @param list<string>|null $surfaces Of these alone; null for all
     *
     * @return list<array<string, mixed>>
     */
    public static function onPaper(DesignModel $model, ?array $surfaces = null): array
    {
        $whole = Planning::all($model->document());
        $all = $surfaces === null ? $whole : $whole->only($surfaces);
        $first = array_keys($all->plans)[0] ?? '';

        return array_map(static function (string $surface) use ($model, $all, $first): array {
            $plan = $all->plans[$surface];
            $texts = Texts::of($plan->design);

            return [
                'all_materials' => count($all->plans) > 1 && $surface === $first ? PaperView::materials($all->materials()) : null,
                'becauses' => self::becauses($plan),
                'cover' => CoverView::of($plan, $texts),
                'tools' => PaperView::tools($plan, $texts), 'lifts' => PaperView::lifts($plan, $texts), 'lift_caution' => $texts->say('caution.stacks'),
                'calculation' => CalculationView::of($plan, $texts),
            ] + self::ofPlan($model, Chosen::first($model->document(), $surface), $plan);
        }, array_keys($all->plans));
    }

    /** @return array<string, mixed> */
    private static function ofPlan(DesignModel $model, Chosen $chosen, ?Plan $known = null): array
    {
        $plan = $known ?? Planning::plan($model->document()->design($chosen->surface));
        $document = $chosen->design();
        $texts = Texts::of($document);
        [$common, $outOfDate] = self::common($model, $document, $plan, $chosen->surface);

        return $common + self::ofSurface($plan, $chosen, $texts) + self::alike($plan, $texts, $chosen->seen(...), $outOfDate)
            + self::planned($plan, $chosen, $texts) + PaperView::of($plan, $texts);
    }

    /** @return OfSurface */
    private static function ofSurface(Plan $plan, Chosen $chosen, Texts $texts): array
    {
        $document = $chosen->design();

        return [
            'block' => $chosen->block,
            'blocks' => array_map(
                static fn (string $id, BlockPlan $block): array => ['id' => $id, 'number' => $block->part->number, 'modules' => $block->placement->count],
                $chosen->project->blocksOn($chosen->surface),
                $plan->blocks,
            ),
            'eave_to_ridge' => $document->printer()->print(Dimension::Length, Admission::eaveToRidge($document->surface)->toMetres()),
            'survey' => FieldView::survey($document, $texts),
        ];
    }

    /**
     * What the desk shows of a surface and of a table alike.
     *
     * @param string $here The one in view
     * @param array<string, TablePlan>|null $tables Plans of all tables of the job, where they are known
     *
     * @return array{OfDesign, bool} And whether the company knows values that the design does not use
     */
    public static function common(DesignModel $model, Design|TableDesign $document, Plan|TablePlan $plan, string $here, ?array $tables = null): array
    {
        $texts = Texts::of($document);
        $project = $model->document();
        $history = $model->job === null ? null : History::of($model->job);
        $offers = $model->job === null ? [] : CompanyCopies::offers($model->job->company_id, $project, $plan->concerned());
        $confirmed = $model->job === null ? [] : ConfirmedValues::offers($model->job->company_id, $plan);

        return [[
            'history' => ['undo' => $history?->undo === null ? null : $history->undone?->change, 'redo' => $history?->redo?->change],
            'design' => [
                'id' => $model->id, 'number' => $model->number, 'hash' => substr($model->hash, 0, 12), 'author' => $model->author?->name,
                'at' => $model->created_at->toIso8601ZuluString(), 'is_side' => $model->is_side, 'change' => $model->change,
            ],
            'surface' => $here,
            'surfaces' => SurfaceList::of($project, $here, $plan, $tables),
            'own_copies' => OwnCopyView::all($document->ownCopies, $texts),
            'own_missing' => OwnCopyView::missing($plan, $texts),
            'examples' => $document instanceof TableDesign ? $document->examplesLeft() : Examples::left($document),
            'own_offers' => OwnCopyView::all($offers, $texts),
            'confirmed_offers' => $confirmed === []
                ? null
                : [
                    'count' => count($confirmed),
                    'by' => implode(', ', array_unique(array_map(static fn (Confirmation $one): string => "{$one->who()}, {$one->on}", $confirmed))),
                ],
            'fields' => FieldView::all($document, $texts),
            'lists' => FieldView::counts($document),
        ], $offers !== []];
    }

    /**
     * @param \Closure(string): string $seen A place as the plan tells it, as it is told from what is in view
     *
     * @return list<FindingInfo>
     */
    private static function findings(Plan|TablePlan $plan, Texts $texts, \Closure $seen): array
    {
        return array_map(static fn (Finding $finding): array => [
            'kind' => $finding->kind->value, 'code' => $finding->code->value, 'text' => $texts->finding($finding), 'at' => $seen($finding->at),
            'stage' => $finding->stage()->value, 'subject' => $finding->subject(), 'clearable' => $finding->isClearable(),
            'cleared_by' => $finding->clearedBy, 'cure' => Cures::of($finding, $seen),
        ], $plan->findings);
    }

    /** @return Summary How a plan stands, in a few numbers and words */
    private static function summary(Plan|TablePlan $plan): array
    {
        $reserve = $plan->leastReserve();

        return [
            'modules' => $plan->moduleCount(), 'attachments' => $plan->summary()['attachments'], 'counted' => Counted::of($plan),
            'reserve' => $reserve === null ? null : Texts::reserve($reserve), ...Standing::of($plan->findings, $reserve),
            'open_stops' => count($plan->openStops()), 'to_enter' => $plan->toEnter(), 'unconfirmed' => count($plan->unconfirmed()),
            'refused' => $plan->hasRefusal(),
            'structure_signed_by' => $plan instanceof Plan ? $plan->structureSignedBy() : null,
            'structure_digest' => $plan instanceof Plan ? $plan->structureDigest() : '',
        ];
    }

    /**
     * What is planned of a surface and of a table alike.
     *
     * @param \Closure(string): string $seen A place as the plan tells it, as it is told from what is in view
     * @param bool $outOfDate Whether the company knows values that this design does not use
     *
     * @return PlannedAlike
     */
    public static function alike(Plan|TablePlan $plan, Texts $texts, \Closure $seen, bool $outOfDate = false): array
    {
        return [
            'units' => $plan->design->units->value, 'stand' => $texts->stand(),
            'course' => $plan instanceof Plan ? Course::of($plan->design->surface)?->word() : null,
            'status' => $plan->status()->value, 'status_text' => $texts->say('status.'.$plan->status()->value),
            'stages' => Stages::states($plan, $outOfDate),
            'findings' => self::findings($plan, $texts, $seen),
            'summary' => self::summary($plan),
            'loads' => $plan instanceof Plan ? PaperView::loads($plan, $texts) : TableView::loads($plan, $texts),
        ];
    }

    /**
     * What a change would do: the drawing and the findings, nothing that only paper needs.
     *
     * @param string|null $tapeOf The one run whose tape is wanted, null for all: tapes are half of what is sent
     *
     * @return array<string, mixed> PlannedAlike and PlannedSurface
     */
    public static function preview(Chosen $chosen, ?string $tapeOf = null, ?Newest $newest = null): array
    {
        $plan = Planning::plan($chosen->plain(), Depth::Checks, $newest);
        $texts = Texts::of($plan->design);

        return self::alike($plan, $texts, $chosen->seen(...)) + self::planned($plan, $chosen, $texts, $tapeOf);
    }

    /** @return PlannedSurface */
    private static function planned(Plan $plan, Chosen $chosen, Texts $texts, ?string $tapeOf = null): array
    {
        return [
            'demand' => DemandView::of($plan, $texts, $chosen->number()),
            'sheet' => SheetView::of($plan, $chosen->number()),
            'runs' => RunView::all($plan, $texts, $tapeOf),
            'tape_head' => $plan->capacities === null
                ? ''
                : $texts->say(
                    match ($texts->stand()) {
                        'rib' => $plan->members->purlins === null ? 'tape.head_in_sheet' : 'tape.head_on_sheet',
                        'seam' => 'tape.head_on_seams',
                        'purlin' => 'tape.head_up',
                        'place' => 'tape.head_on_deck',
                        default => 'tape.head',
                    },
                    ['tolerance_m' => $plan->capacities->placing->tolerance_m, 'window_m' => $plan->window?->told_m($plan->design->units->cut_m()) ?? 0.0],
                ),
            'table' => null,
        ];
    }

    /** @return list<BecauseNode> The becauses that go on paper: loads, and the weakest foot of each run */
    private static function becauses(Plan $plan): array
    {
        if ($plan->loads === null) {
            return [];
        }
        $known = Becauses::paths($plan);
        $paths = array_values(
            array_intersect(['loads/qh', 'loads/qp', 'loads/q', 'loads/down', 'loads/ps', 'fastener/withdrawal', 'members/first', 'members/screen'], $known),
        );
        foreach ($plan->supports as $run) {
            $worst = 0;
            foreach ($run->verdict()->attachments ?? [] as $place => $attachment) {
                $worst = $attachment->worst->ratio > ($run->verdict()->attachments[$worst]->worst->ratio ?? 0.0) ? $place : $worst;
            }
            if ($run->verdict()?->rail !== null) {
                $paths[] = 'runs/'.$run->run->id.'/feet/'.($worst + 1);
                break;
            }
        }

        return array_map(static fn (string $path): array => BecauseView::of($plan, Becauses::of($plan, $path)), $paths);
    }
}
