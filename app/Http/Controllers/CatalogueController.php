<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Designs\SaveDesign;
use App\Company\CompanyCatalogue;
use App\Desk\Chosen;
use App\Desk\DeskView;
use App\Desk\Standing;
use App\Http\Requests\EditRequest;
use App\Models\Job;
use App\Planning\Planning;
use Garnetine\Core\Catalogue\CatalogueItem;
use Garnetine\Core\Catalogue\CataloguePart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Parts that a company uses again: looked through for a job, each with how the plan stands with it; taken, kept, carried out and in.
 *
 * @phpstan-import-type Kept from CompanyCatalogue
 * @phpstan-import-type Tone from Standing
 *
 * Of the company's catalogue, with how the plan would stand with it.
 *
 * @phpstan-type CatalogueRow array{
 *     name: string,
 *     modules: int,
 *     feet: int,
 *     word: string,
 *     tone: Tone,
 *     reserve: string|null,
 *     news: string|null,
 *     id: int,
 *     version: int,
 *     by: string,
 *     made_up: bool,
 *     is_here: bool,
 * }
 */
final class CatalogueController extends Controller
{
    public function index(EditRequest $request, Job $job, CataloguePart $part): JsonResponse
    {
        $chosen = Chosen::of($request->baseDocument($job));
        $now = Planning::plan($chosen->plain(), Depth::Checks);
        $here = CatalogueItem::of($part, $chosen->design());
        $items = array_map(
            static fn (array $kept): array => self::row($kept, $kept['item']->equals($here), Planning::plan(
                self::with($chosen, $kept['item'], false)->design($chosen->surface),
                Depth::Checks,
            ), $now),
            CompanyCatalogue::all($job->company_id, $part, $chosen->design()),
        );

        return new JsonResponse(['items' => $items, 'here' => $here->name]);
    }

    /**
     * @param Kept $kept
     * @param Plan $plan With it
     *
     * @return CatalogueRow
     */
    private static function row(array $kept, bool $isHere, Plan $plan, Plan $now): array
    {
        return [
            'id' => $kept['id'], 'name' => $kept['item']->name, 'version' => $kept['version'], 'by' => $kept['by'], 'made_up' => $kept['made_up'],
            'is_here' => $isHere, 'modules' => $plan->moduleCount(), 'feet' => $plan->attachmentCount(),
        ] + Standing::whole($plan, $now);
    }

    public function take(EditRequest $request, Job $job, CataloguePart $part, int $item, SaveDesign $saveDesign): JsonResponse
    {
        $base = $request->base($job);
        $chosen = Chosen::of($base->document());
        $kept = array_values(array_filter(
            CompanyCatalogue::all($job->company_id, $part, $chosen->design()),
            static fn (array $one): bool => $one['id'] === $item,
        ))[0] ?? abort(404);
        $saved = $saveDesign->handle(
            $job,
            $this->user($request),
            $base,
            self::with($chosen, $kept['item'], $kept['made_up']),
            "From the catalogue: {$kept['item']->name}".($kept['made_up'] ? ', made up' : ", version {$kept['version']}"),
        );

        return new JsonResponse(DeskView::of($saved), $saved->is_side ? 409 : 200);
    }

    /** Keeps the part of a design as it stands. */
    public function keep(EditRequest $request, Job $job, CataloguePart $part): JsonResponse
    {
        $design = Chosen::of($request->baseDocument($job))->design();
        $item = CatalogueItem::read($part, CatalogueItem::of($part, $design)->values, $design);

        return new JsonResponse(['name' => $item->name, 'version' => CompanyCatalogue::keep($this->user($request), $item)]);
    }

    public function file(Request $request): Response
    {
        return new Response(
            CompanyCatalogue::file($this->user($request)->company_id),
            200,
            ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="catalogue.json"'],
        );
    }

    public function table(Request $request): Response
    {
        return new Response(
            CompanyCatalogue::table($this->user($request)->company_id),
            200,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="catalogue.csv"'],
        );
    }

    public function import(Request $request): RedirectResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:2048']]);
        try {
            $items = CompanyCatalogue::items((string) $request->file('file')?->get());
        } catch (DocumentInvalid $invalid) {
            throw ValidationException::withMessages(['catalogue' => $invalid->getMessage()]);
        }
        DB::transaction(fn () => array_map(fn (CatalogueItem $item): int => CompanyCatalogue::keep($this->user($request), $item), $items));

        return redirect('/company');
    }

    private static function with(Chosen $chosen, CatalogueItem $item, bool $isMadeUp): Project
    {
        return $chosen->put(static fn (Design $design): Design => Edits::apply($design, $item->edits($isMadeUp)));
    }
}
