<?php

declare(strict_types=1);

namespace App\Actions\Plans;

use App\Jobs\MakePaper;
use App\Models\Design;
use App\Models\IssuedPlan;
use App\Models\Job;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\Purpose;
use App\Models\User;
use App\Planning\Planning;
use Garnetine\Core\Plan\Build;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Status;
use Illuminate\Support\Facades\DB;

/** Releases the plan of a design as a numbered revision, and has its papers made. The same design of the same build is issued once for each purpose. */
final class IssuePlan
{
    /**
     * @param non-empty-list<string>|null $surfaces Those that it is of, the others are left out by name; null for all
     *
     * @throws NotForConstruction if it is to be built and something is open
     */
    public function handle(Job $job, Design $design, User $by, string $note, Purpose $purpose = Purpose::Review, ?array $surfaces = null): IssuedPlan
    {
        return DB::transaction(static function () use ($job, $design, $by, $note, $purpose, $surfaces): IssuedPlan {
            Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            $build = Build::hash();
            $known = IssuedPlan::query()->where(['job_id' => $job->id, 'design_id' => $design->id, 'build' => $build, 'purpose' => $purpose])
                ->whereRaw('surfaces is not distinct from ?::jsonb', [$surfaces === null ? null : json_encode($surfaces)])->first();
            if ($known !== null) {
                return $known;
            }
            $all = Planning::all($design->document());
            $plan = $surfaces === null ? $all : $all->only($surfaces);
            if ($purpose === Purpose::Construction && $plan->status() !== Status::Confirmed) {
                throw NotForConstruction::because($plan);
            }
            $bytes = PlanDocument::write($plan, ['purpose' => $purpose->value]);
            $highest = IssuedPlan::query()->where('job_id', $job->id)->max('revision');
            $issued = IssuedPlan::query()->create([
                'job_id' => $job->id, 'design_id' => $design->id, 'revision' => (is_numeric($highest) ? (int) $highest : 0) + 1, 'issued_by' => $by->id,
                'status' => $plan->status()->value, 'purpose' => $purpose, 'surfaces' => $surfaces, 'build' => $build, 'note' => $note,
                'bytes' => $bytes, 'hash' => hash('sha256', $bytes),
            ]);
            foreach (PaperKind::MADE as $kind) {
                MakePaper::dispatch(Paper::query()->create(['issued_plan_id' => $issued->id, 'kind' => $kind, 'state' => 'waiting'])->id);
            }

            return $issued;
        });
    }
}
