<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Designs\PlanDesign;
use App\Actions\Jobs\StartJob;
use App\Desk\Chosen;
use App\Desk\DeskView;
use App\Desk\Stages;
use App\Desk\TableView;
use App\Http\Requests\NewJobRequest;
use App\Listing\JobList;
use App\Listing\NextThing;
use App\Listing\StoredPlan;
use App\Models\Job;
use App\Models\PaperKind;
use App\Starting\StartingDesign;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class JobController extends Controller
{
    public function index(Request $request, JobList $list): Response
    {
        return Inertia::render('Jobs', ['jobs' => $list->of($this->user($request))]);
    }

    public function create(): Response
    {
        return Inertia::render('NewJob');
    }

    public function store(NewJobRequest $request, StartJob $startJob): RedirectResponse
    {
        $user = $this->user($request);
        $document = StartingDesign::from(
            $request->string('document')->value(),
            $request->string('name')->value(),
            $request->string('units')->value(),
            $user->name,
            $request->answers(),
        );
        $job = $startJob->handle($user->company ?? abort(403), $user, $document);

        return redirect("/jobs/{$job->id}/stage/site");
    }

    public function show(Job $job, PlanDesign $planDesign): RedirectResponse
    {
        $plan = $planDesign->known($job->current());
        $stage = NextThing::stage($plan);
        $surface = $plan === null ? null : StoredPlan::read($plan)->stoppedAt($stage);

        return redirect("/jobs/{$job->id}/stage/$stage".($surface === null ? '' : "?surface=$surface"));
    }

    public function stage(Request $request, Job $job, string $stage): RedirectResponse|Response
    {
        $project = $job->current()->document();
        $table = Chosen::table($project);
        $named = static fn (string $what, string $id): ?string => $request->query($what) === null ? null : $id;
        if (!in_array($stage, $table === null ? Stages::KEYS : Stages::OF_TABLES, true)) {
            // A stage of the other kind: one goes from a roof to a table and back.
            return redirect("/jobs/{$job->id}/stage/site".($request->query('surface') === null ? '' : '?surface='.Chosen::id($project)));
        }
        if ($table !== null) {
            return Inertia::render(
                'Desk',
                ['job' => ['id' => $job->id, 'name' => $job->name], 'stage' => $stage, 'surface' => $named('surface', $table), 'block' => null],
            );
        }
        $chosen = Chosen::of($project);

        return Inertia::render('Desk', [
            'job' => ['id' => $job->id, 'name' => $job->name], 'stage' => $stage,
            'surface' => $named('surface', $chosen->surface), 'block' => $named('block', $chosen->block),
        ]);
    }

    public function print(Job $job, PaperKind $kind): Response
    {
        return Inertia::render(
            'Print',
            [
                'job' => ['id' => $job->id, 'name' => $job->name], 'views' => DeskView::onPaper($job->current()),
                'tables' => TableView::onPaper($job->current()), 'paper' => $kind->value,
            ],
        );
    }
}
