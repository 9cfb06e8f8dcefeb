<?php

declare(strict_types=1);

namespace App\Listing;

use App\Actions\Designs\PlanDesign;
use App\Company\CompanyCopies;
use App\Desk\RoofDrawing;
use App\Desk\Standing;
use App\Jobs\PlanAhead;
use App\Models\Design as DesignModel;
use App\Models\IssuedPlan;
use App\Models\Job;
use App\Models\User;
use App\Planning\Planning;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Message\Texts;

/** The jobs of a user's company, newest change first, each with where it stands. */
final class JobList
{
    /** The list waits so long for plans that are not known yet, and for none of a larger roof; the others are planned in the queue. */
    private const WAITS_S = 1.0;
    /** Of a job whose plan is not known. */
    private const UNKNOWN = ['modules' => null, 'attachments' => null, 'reserve' => null, 'drawing' => null, 'held_by' => ''];

    private readonly float $until;

    public function __construct(private readonly PlanDesign $planDesign)
    {
        $this->until = microtime(true) + self::WAITS_S;
    }

    /** @return list<array<string, mixed>> */
    public function of(User $user): array
    {
        $jobs = Job::query()->where('company_id', $user->company_id)->orderByDesc('updated_at')->orderByDesc('id')->limit(200)->get();
        $issued = IssuedPlan::query()->whereIn('job_id', $jobs->modelKeys())->with('design:id,hash')->orderByDesc('revision')->get(
            ['id', 'job_id', 'design_id', 'revision', 'status', 'purpose', 'surfaces'],
        )->groupBy('job_id');
        $list = [];
        foreach ($jobs as $job) {
            $design = $job->current();
            $plans = $issued->get($job->id);
            $last = $plans?->first();
            $isToBuild = $plans?->contains(
                static fn (IssuedPlan $one): bool => $one->isForConstruction() && $one->surfaces === null && $one->design?->hash === $design->hash,
            ) === true;
            $known = [
                'id' => $job->id, 'name' => $job->name, 'client' => '', 'address' => '', 'number' => $design->number,
                'author' => $design->author?->name, 'changed_at' => $design->created_at->toIso8601ZuluString(),
                'revision' => $last?->revision, 'for_construction' => $last?->isForConstruction() === true,
                'overtaken' => $last !== null && $last->design?->hash !== $design->hash,
            ];
            try {
                $list[] = $this->standing($job, $design, !$isToBuild) + $known;
            } catch (DocumentInvalid) {
                // A design that this build cannot read, as a newer one, must not take the others with it.
                $list[] = ['word' => 'cannot be read', 'tone' => 'fails', 'next' => 'Made by a newer build'] + self::UNKNOWN + $known;
            }
        }

        return $list;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws DocumentInvalid if this build cannot read the design
     */
    private function standing(Job $job, DesignModel $design, bool $toIssue): array
    {
        $document = $design->document();
        $known = [
            'client' => $document->client, 'address' => $document->address,
            'held_by' => implode(' and ', array_keys(array_filter(['feet' => $document->surfaces !== [], 'posts' => $document->tables !== []]))),
        ];
        $bytes = $this->planned($design);
        if ($bytes === null) {
            PlanAhead::ask($job->company_id, $design->id);

            return ['word' => 'not planned yet', 'tone' => 'plain', 'next' => 'Being planned'] + $known + self::UNKNOWN;
        }
        $plan = StoredPlan::read($bytes);
        $reserve = $plan->summary['least_reserve'];
        $findings = $plan->findings();
        $offers = CompanyCopies::offers($job->company_id, $document, $plan->concerned()) !== [];

        return $known + [
            'modules' => $plan->summary['modules'], 'attachments' => $plan->summary['attachments'], 'reserve' => $reserve === null
                ? null
                : Texts::reserve($reserve), ...Standing::of($findings, $reserve),
            'next' => NextThing::of(
                $findings,
                Texts::of($document->surfaces === [] ? $document->table($document->first()) : $document->design($document->chosen(null))),
                $offers,
                $plan->summary['unconfirmed'],
                $plan->isSigned(),
                $toIssue,
            ),
            'drawing' => $document->surfaces === [] ? RoofDrawing::ofTables(array_map(
                $document->table(...),
                $document->tableIds(),
            )) : RoofDrawing::of(array_map(
                static fn (string $surface): array => [$document->design($surface), $plan->modules($surface)],
                $document->ids(),
            )),
        ];
    }

    /** @throws DocumentInvalid if this build cannot read the design */
    private function planned(DesignModel $design): ?string
    {
        $known = $this->planDesign->known($design);
        if ($known !== null) {
            return $known;
        }

        return microtime(true) < $this->until && !Planning::anyIsLarge($design->document()) ? $this->planDesign->handle($design) : null;
    }
}
