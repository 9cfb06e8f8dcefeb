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
use App\Support\Planning;
use Garnetine\Core\Plan\Build;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Status;
use Illuminate\Support\Facades\DB;

/** Releases the plan of a design as a numbered revision, and has its papers made. The same design of the same build is issued once for each purpose. */
final class IssuePlan
{
    /** @throws NotForConstruction if it is to be built and something is open */
    public function handle(Job $job, Design $design, User $by, string $note, Purpose $purpose = Purpose::Review): IssuedPlan
    {
        return DB::transaction(static function () use ($job, $design, $by, $note, $purpose): IssuedPlan {
            Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            $build = Build::hash();
            $known = IssuedPlan::query()->where(['job_id' => $job->id, 'design_id' => $design->id, 'build' => $build, 'purpose' => $purpose])->first();
            if ($known !== null) {
                return $known;
            }
            $plan = Planning::all($design->document());
            if ($purpose === Purpose::Construction && $plan->status() !== Status::Confirmed) {
                throw NotForConstruction::because($plan);
            }
            $bytes = PlanDocument::write($plan);
            $highest = IssuedPlan::query()->where('job_id', $job->id)->max('revision');
            $issued = IssuedPlan::query()->create([
                'job_id' => $job->id, 'design_id' => $design->id, 'revision' => (is_numeric($highest) ? (int) $highest : 0) + 1, 'issued_by' => $by->id,
                'status' => $plan->status()->value, 'purpose' => $purpose, 'build' => $build, 'note' => $note, 'bytes' => $bytes, 'hash' => hash('sha256', $bytes),
            ]);
            foreach (PaperKind::MADE as $kind) {
                MakePaper::dispatch(Paper::query()->create(['issued_plan_id' => $issued->id, 'kind' => $kind, 'state' => 'waiting'])->id);
            }

            return $issued;
        });
    }
}
