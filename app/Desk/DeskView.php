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

/** Everything the desk shows of a design, as numbers for drawing and finished texts for reading. */
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
        $project = $model->document();
        $surface = $chosen->surface;
        $plan = $known ?? Planning::plan($project->design($surface));
        $document = $chosen->design();
        $texts = Texts::of($document);
        [$common, $outOfDate] = self::common($model, $document, $plan, $surface);

        return $common + [
            'block' => $chosen->block,
            'blocks' => array_map(
                static fn (string $id, BlockPlan $block): array => ['id' => $id, 'number' => $block->part->number, 'modules' => $block->placement->count],
                $project->blocksOn($surface),
                $plan->blocks,
            ),
            'own_missing' => OwnCopyView::missing($plan, $texts),
            'examples' => Examples::left($document),
            'eave_to_ridge' => $document->printer()->print(Dimension::Length, Admission::eaveToRidge($document->surface)->toMetres()),
            'survey' => FieldView::survey($document, $texts),
        ] + self::outOfDate(self::planned($plan, $chosen, $texts), $outOfDate) + PaperView::of($plan, $texts);
    }

    /**
     * What the desk shows of a surface and of a table alike.
     *
     * @param string $here The one in view
     * @param array<string, TablePlan>|null $tables Plans of all tables of the job, where they are known
     *
     * @return array{array<string, mixed>, bool} And whether the company knows values that the design does not use
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
     * @return list<array<string, mixed>>
     */
    public static function findings(Plan|TablePlan $plan, Texts $texts, \Closure $seen): array
    {
        return array_map(static fn (Finding $finding): array => [
            'kind' => $finding->kind->value, 'code' => $finding->code->value, 'text' => $texts->finding($finding), 'at' => $seen($finding->at),
            'stage' => $finding->stage()->value, 'subject' => $finding->subject(), 'clearable' => $finding->isClearable(),
            'cleared_by' => $finding->clearedBy, 'cure' => Cures::of($finding, $seen),
        ], $plan->findings);
    }

    /** @return array<string, mixed> How a plan stands, in a few numbers and words */
    public static function summary(Plan|TablePlan $plan): array
    {
        $reserve = $plan->leastReserve();

        return [
            'modules' => $plan->moduleCount(), 'attachments' => $plan->summary()['attachments'], 'counted' => Counted::of($plan),
            'reserve' => $reserve === null ? null : Texts::reserve($reserve), ...Standing::of($plan->findings, $reserve),
            'open_stops' => count($plan->openStops()), 'to_enter' => $plan->toEnter(), 'unconfirmed' => count($plan->unconfirmed()),
            'refused' => $plan->hasRefusal(),
        ];
    }

    /**
     * The hand-over is out of date while the company knows values that this design does not use.
     *
     * @param array<string, mixed> $planned
     *
     * @return array<string, mixed>
     */
    public static function outOfDate(array $planned, bool $outOfDate): array
    {
        $stages = is_array($planned['stages']) ? $planned['stages'] : [];
        $planned['stages'] = array_map(
            static fn (mixed $stage): mixed => $outOfDate && is_array($stage) && $stage['key'] === 'handover' ? [
                'state' => 'out of date',
                'tone' => 'tight',
            ] + $stage : $stage,
            $stages,
        );

        return $planned;
    }

    /**
     * What a change would do: the drawing and the findings, nothing that only paper needs.
     *
     * @param string|null $tapeOf The one run whose tape is wanted, null for all: tapes are half of what is sent
     *
     * @return array<string, mixed>
     */
    public static function preview(Chosen $chosen, ?string $tapeOf = null, ?Newest $newest = null): array
    {
        $plan = Planning::plan($chosen->plain(), Depth::Checks, $newest);

        return self::planned($plan, $chosen, Texts::of($plan->design), $tapeOf);
    }

    /** @return array<string, mixed> */
    private static function planned(Plan $plan, Chosen $chosen, Texts $texts, ?string $tapeOf = null): array
    {
        return [
            'units' => $plan->design->units->value, 'stand' => $texts->stand(),
            'course' => Course::of($plan->design->surface)?->word(),
            'status' => $plan->status()->value,
            'status_text' => $texts->say('status.'.$plan->status()->value),
            'stages' => Stages::states($plan),
            'findings' => self::findings($plan, $texts, $chosen->seen(...)),
            'summary' => self::summary($plan) + [
                'structure_signed_by' => $plan->structureSignedBy(), 'structure_digest' => $plan->structureDigest(),
            ],
            'loads' => PaperView::loads($plan, $texts),
            'demand' => DemandView::of($plan, $texts, $chosen->number()),
            'sheet' => SheetView::of($plan, $chosen->number()),
            'runs' => RunView::all($plan, $texts, $tapeOf),
            'table' => null,
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
        ];
    }

    /** @return list<array<string, mixed>> The becauses that go on paper: loads, and the weakest foot of each run */
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
