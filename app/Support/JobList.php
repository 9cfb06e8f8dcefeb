<?php

declare(strict_types=1);

namespace App\Support;

use App\Actions\Designs\PlanDesign;
use App\Jobs\PlanAhead;
use App\Models\Design;
use App\Models\IssuedPlan;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Message\Texts;

/** The jobs of a user's company, newest change first, each with where it stands. */
final class JobList
{
    /** The list waits so long for plans that are not known yet, and for none of a larger roof; the others are planned in the queue. */
    private const WAITS_S = 1.0;
    private const MODULES = 1000;

    private readonly float $until;

    public function __construct(private readonly PlanDesign $planDesign)
    {
        $this->until = microtime(true) + self::WAITS_S;
    }

    /** @return list<array<string, mixed>> */
    public function of(User $user): array
    {
        $jobs = Job::query()->where('company_id', $user->company_id)->orderByDesc('updated_at')->limit(200)->get();
        $issued = IssuedPlan::query()->whereIn('job_id', $jobs->modelKeys())->with('design:id,hash')->orderByDesc('revision')->get(['id', 'job_id', 'design_id', 'revision'])->unique('job_id')->keyBy('job_id');
        $list = [];
        foreach ($jobs as $job) {
            $design = $job->current();
            $known = [
                'id' => $job->id, 'name' => $job->name, 'number' => $design->number, 'author' => $design->author?->name, 'changed_at' => $design->created_at->toIso8601ZuluString(),
                'revision' => $issued->get($job->id)?->revision, 'overtaken' => $issued->has($job->id) && $issued->get($job->id)?->design?->hash !== $design->hash,
            ];
            try {
                $list[] = $known + $this->standing($job, $design);
            } catch (DocumentInvalid) {
                // A design that this build cannot read, as a newer one, must not take the others with it.
                $list[] = $known + ['modules' => 0, 'attachments' => 0, 'reserve' => null, 'word' => null, 'tone' => 'plain', 'stops' => 0, 'refused' => true, 'status' => 'cannot be read'];
            }
        }

        return $list;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws DocumentInvalid if this build cannot read the design
     */
    private function standing(Job $job, Design $design): array
    {
        $bytes = $this->planned($design);
        if ($bytes === null) {
            PlanAhead::dispatch($design->id);

            return ['modules' => null, 'attachments' => null, 'reserve' => null, 'word' => null, 'tone' => 'plain', 'stops' => 0, 'refused' => false, 'status' => 'not planned yet'];
        }
        /** @var array{status: string, summary: array{modules: int, attachments: int, least_reserve: float|null, open_stops: int, refusals: int}, coefficients: list<array{id: string}>, missing: list<string>} $plan */
        $plan = json_decode($bytes, true, 64, JSON_THROW_ON_ERROR);
        $reserve = $plan['summary']['least_reserve'];

        return [
            'modules' => $plan['summary']['modules'], 'attachments' => $plan['summary']['attachments'],
            'reserve' => $reserve === null ? null : Texts::reserve($reserve), ...Standing::of($plan['summary']['refusals'] > 0, $plan['summary']['open_stops'], $reserve),
            'stops' => $plan['summary']['open_stops'], 'refused' => $plan['summary']['refusals'] > 0,
            'status' => CompanyCopies::offers($job->company_id, $design->document(), [...array_column($plan['coefficients'], 'id'), ...$plan['missing']]) === [] ? $plan['status'] : 'out of date',
        ];
    }

    /** @throws DocumentInvalid if this build cannot read the design */
    private function planned(Design $design): ?string
    {
        $known = $this->planDesign->known($design);
        if ($known !== null) {
            return $known;
        }
        $block = $design->document()->block;

        return microtime(true) < $this->until && $block->rows * $block->columns <= self::MODULES ? $this->planDesign->handle($design) : null;
    }
}
