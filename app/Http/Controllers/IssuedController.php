<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Plans\IssuePlan;
use App\Actions\Plans\NotForConstruction;
use App\Desk\DeskView;
use App\Desk\TableView;
use App\Jobs\MakePaper;
use App\Models\IssuedPlan;
use App\Models\Job;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\Purpose;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response as Page;

/**
 * Plans released to a crew, with their papers.
 *
 * @phpstan-type Issued array{
 *     id: int,
 *     revision: int,
 *     design: int|null,
 *     by: string|null,
 *     status: string,
 *     // To be built; else to be looked at.
 *     for_construction: bool,
 *     // Names of the surfaces of its design that it is not of.
 *     left_out: list<string>,
 *     note: string,
 *     at: string,
 *     // Something else is planned by now.
 *     overtaken: bool,
 *     papers: list<array{
 *         kind: 'crew'|'calculation'|'whole',
 *         file: string,
 *         state: 'waiting'|'making'|'done'|'failed',
 *         percent: int,
 *         trouble: string,
 *         pages: int|null,
 *     }>,
 * }
 */
final class IssuedController extends Controller
{
    public function index(Job $job): JsonResponse
    {
        $issued = $job->issuedPlans()->with(
            ['issuer', 'design:id,number,hash', 'papers:id,issued_plan_id,kind,state,percent,trouble,pages'],
        )->orderByDesc('revision')->limit(50)
            ->get(['id', 'job_id', 'design_id', 'revision', 'issued_by', 'status', 'purpose', 'surfaces', 'note', 'hash', 'created_at']);

        $newest = $job->current()->hash;

        return new JsonResponse(['issued' => array_map(
            static fn (IssuedPlan $one): array => self::row($one, $one->design?->hash !== $newest),
            array_values($issued->all()),
        )]);
    }

    /** @return Issued */
    private static function row(IssuedPlan $one, bool $isOvertaken): array
    {
        return [
            'id' => $one->id, 'revision' => $one->revision, 'design' => $one->design?->number, 'by' => $one->issuer?->name, 'status' => $one->status,
            'for_construction' => $one->isForConstruction(), 'left_out' => $one->leftOut(), 'note' => $one->note,
            'at' => $one->created_at->toIso8601ZuluString(), 'overtaken' => $isOvertaken,
            'papers' => array_map(static fn (Paper $paper): array => [
                'kind' => $paper->kind->value, 'file' => $paper->kind->file().'.pdf', 'state' => $paper->state, 'percent' => $paper->percent,
                'trouble' => $paper->trouble, 'pages' => $paper->pages,
            ], array_values($one->papers->all())),
        ];
    }

    public function store(Request $request, Job $job, IssuePlan $issuePlan): JsonResponse
    {
        $request->validate(
            [
                'base' => ['required', 'integer'],
                'note' => ['present', 'string', 'max:400'],
                'purpose' => ['required', Rule::enum(Purpose::class)],
                'surfaces' => ['nullable', 'list', 'min:1'],
                'surfaces.*' => ['string', 'max:40', 'distinct'],
            ],
        );
        $current = $job->current();
        if ($request->integer('base') !== $current->id) {
            return new JsonResponse(
                ['code' => 'not_now', 'message' => 'Somebody saved in between. Look at the newest design before you issue it.', 'faults' => []],
                422,
            );
        }
        $ids = $current->document()->allIds();
        $surfaces = array_values(array_filter($request->array('surfaces'), is_string(...)));
        if (array_diff($surfaces, $ids) !== []) {
            throw ValidationException::withMessages(['surfaces' => 'Surfaces of this design are '.implode(', ', $ids).'.']);
        }
        // Named in the order of the design; all of them are as none named.
        $surfaces = array_values(array_intersect($ids, $surfaces));
        try {
            $issuePlan->handle(
                $job,
                $current,
                $this->user($request),
                $request->string('note')->trim()->value(),
                Purpose::from($request->string('purpose')->value()),
                $surfaces === [] || $surfaces === $ids ? null : $surfaces,
            );
        } catch (NotForConstruction $open) {
            return new JsonResponse(['code' => 'not_for_construction', 'message' => $open->getMessage(), 'faults' => []], 422);
        }

        return $this->index($job);
    }

    /** Once more, where the making of a paper failed. */
    public function again(Job $job, IssuedPlan $issuedPlan): JsonResponse
    {
        foreach (Paper::query()->where('issued_plan_id', $issuedPlan->id)->where('state', 'failed')->get(['id']) as $paper) {
            if (Paper::query()->whereKey($paper->id)->where('state', 'failed')->update(['state' => 'waiting', 'percent' => 0, 'trouble' => '']) === 1) {
                MakePaper::dispatch($paper->id);
            }
        }

        return $this->index($job);
    }

    public function file(Job $job, IssuedPlan $issuedPlan, string $file): Response
    {
        if ($file === 'plan.json') {
            return new Response(
                $issuedPlan->bytes,
                200,
                ['Content-Type' => 'application/json', 'Content-Disposition' => "attachment; filename=\"plan-r{$issuedPlan->revision}.json\""],
            );
        }
        $kind = array_values(array_filter(PaperKind::cases(), static fn (PaperKind $one): bool => $one->file().'.pdf' === $file))[0] ?? abort(404);
        $row = DB::selectOne(
            "select encode(bytes, 'base64') as bytes from papers where issued_plan_id = ? and kind = ? and bytes is not null",
            [$issuedPlan->id, $kind->value],
        );
        abort_if(!$row instanceof \stdClass || !is_string($row->bytes), 404, 'The paper is not made yet.');

        return new Response(
            (string) base64_decode($row->bytes, true),
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => "attachment; filename=\"{$kind->file()}-r{$issuedPlan->revision}.pdf\""],
        );
    }

    /** What the browser that prints sees: signed for a minute, without a log-in. */
    public function paper(IssuedPlan $issuedPlan, PaperKind $kind): Page
    {
        $design = $issuedPlan->design ?? abort(404);

        return Inertia::render('Print', [
            'job' => [
                'id' => $issuedPlan->job_id,
                'name' => $design->document()->name,
            ], 'views' => DeskView::onPaper(
                $design,
                $issuedPlan->surfaces,
            ), 'tables' => TableView::onPaper($design, $issuedPlan->surfaces), 'paper' => $kind->value,
            'revision' => [
                'number' => $issuedPlan->revision,
                'by' => $issuedPlan->issuer?->name,
                'at' => $issuedPlan->created_at->toDateString(),
                'hash' => substr($issuedPlan->hash, 0, 12),
                'for_construction' => $issuedPlan->isForConstruction(),
                'left_out' => $issuedPlan->leftOut(),
            ],
        ]);
    }
}
