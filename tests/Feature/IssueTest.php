<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\MakePaper;
use App\Listing\JobList;
use App\Models\IssuedPlan;
use App\Models\Job;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\User;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Plan\Build;
use Garnetine\Core\Plan\Planner;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\URL;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Plans are issued once, kept for ever, and the job goes as one file. */
final class IssueTest extends TestCase
{
    use RefreshDatabase;

    private User $user;
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->user = $this->planner();
        $this->job = $this->exampleJob($this->user);
        $this->actingAs($this->user);
    }

    private function issue(): IssuedPlan
    {
        $this->postJson("/jobs/{$this->job->id}/issued", ['base' => $this->job->current()->id, 'note' => 'for the crew', 'purpose' => 'review'])->assertOk();

        return IssuedPlan::query()->latest('revision')->firstOrFail();
    }

    public function test_a_plan_is_issued_once_and_its_bytes_are_those_of_the_plan(): void
    {
        $issued = $this->issue();
        self::assertSame($issued->id, $this->issue()->id);
        Queue::assertPushed(MakePaper::class, 2);
        // The plan with what it was issued for, and nothing else.
        $plan = (string) $this->get("/jobs/{$this->job->id}/export/plan.json")->content();
        $kept = (string) $this->get("/jobs/{$this->job->id}/issued/{$issued->id}/plan.json")->assertOk()->content();
        self::assertSame($plan, str_replace(' "purpose": "review",'."\n", '', $kept));
        self::assertSame(['review', hash('sha256', $kept)], [data_get(json_decode($kept, true), 'purpose'), $issued->hash]);
        $this->get("/jobs/{$this->job->id}/issued/{$issued->id}/crew-sheets.pdf")->assertNotFound();
        $this->get("/jobs/{$this->job->id}/issued/{$issued->id}/anything.pdf")->assertNotFound();
        $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $this->job->current()->id, 'edits' => [['path' => '/site/wind_speed_m_per_s', 'typed' => '120 mph']]])->assertOk();
        self::assertSame(2, $this->issue()->revision);
        $this->postJson("/jobs/{$this->job->id}/issued", ['base' => $issued->design_id, 'note' => '', 'purpose' => 'review'])->assertStatus(422)->assertSee('Somebody saved in between');
        $this->postJson("/jobs/{$this->job->id}/issued", ['base' => 'x'])->assertStatus(422);
    }

    public function test_only_a_confirmed_plan_is_issued_to_be_built_and_a_review_never_says_so(): void
    {
        $issue = fn (string $purpose): TestResponse => $this->postJson("/jobs/{$this->job->id}/issued", ['base' => $this->job->current()->id, 'note' => '', 'purpose' => $purpose]);
        $issue('construction')->assertStatus(422)->assertJsonPath('code', 'not_for_construction')->assertSee('54 recalled values are not confirmed. The roof structure is not signed. It can be issued for review.');
        $issue('fun')->assertStatus(422);
        self::assertSame(0, IssuedPlan::query()->count());
        $plan = Planner::plan($this->job->current()->surface());
        $subjects = array_map(static fn ($used): array => ['subject' => 'coefficient/'.$used->id, 'value' => $used->text()], $plan->coefficients->used());
        $sign = fn (array $subjects): TestResponse => $this->postJson("/jobs/{$this->job->id}/confirmations", ['base' => $this->job->current()->id, 'subjects' => $subjects, 'name' => 'E. Sorrel', 'reason' => 'our copies'])->assertOk();
        $sign($subjects);
        $issue('construction')->assertStatus(422)->assertDontSee('recalled values')->assertSee('The roof structure is not signed.');
        $sign([['subject' => 'structure', 'value' => $plan->structureDigest()]]);
        $next = fn (): array => array_values(array_intersect_key(app(JobList::class)->of($this->user)[0], ['next' => 0, 'for_construction' => 0]));
        $issue('review')->assertOk()->assertJsonPath('issued.0.for_construction', false)->assertJsonPath('issued.0.status', 'confirmed');
        self::assertEqualsCanonicalizing(['Hand-over: to issue for construction', false], $next());
        $issue('construction')->assertOk()->assertJsonPath('issued.0.for_construction', true)->assertJsonPath('issued.0.revision', 2)->assertJsonPath('issued.1.for_construction', false);
        $issue('construction')->assertJsonPath('issued.0.revision', 2);
        self::assertEqualsCanonicalizing(['Issued for construction; nothing is left to do', true], $next());
        // Before there were purposes the status said it.
        $old = IssuedPlan::query()->where('revision', 2)->firstOrFail();
        self::assertTrue($old->isForConstruction());
        [$old->purpose, $old->status] = [null, 'preliminary'];
        self::assertFalse($old->isForConstruction());
    }

    public function test_a_plan_that_another_build_made_is_neither_shown_nor_issued(): void
    {
        DB::table('plans')->insert(['design_hash' => $this->job->current()->hash, 'build' => 'another', 'bytes' => '{"summary": {"modules": 7777, "attachments": 7878}}', 'created_at' => now()]);
        self::assertStringNotContainsString('7777', (string) json_encode($this->getJson("/jobs/{$this->job->id}/export/plan.json")->assertOk()->json('summary')));
        self::assertStringNotContainsString('7878', (string) json_encode(app(JobList::class)->of($this->user)));
        self::assertStringNotContainsString('"modules": 7777', $this->issue()->bytes);
        self::assertSame(Build::hash(), $this->issue()->build);
        self::assertSame(1, DB::table('plans')->where('build', Build::hash())->count());
    }

    public function test_a_revision_that_a_newer_design_overtook_says_so_here_and_in_the_list(): void
    {
        $this->issue();
        $told = fn (): array => [$this->getJson("/jobs/{$this->job->id}/issued")->json('issued.0.overtaken'), array_intersect_key(app(JobList::class)->of($this->user)[0], ['revision' => 0, 'overtaken' => 0])];
        self::assertSame([false, ['revision' => 1, 'overtaken' => false]], $told());
        $wind = fn (string $speed): mixed => $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $this->job->current()->id, 'edits' => [['path' => '/site/wind_speed_m_per_s', 'typed' => $speed]]])->assertOk();
        $wind('120 mph');
        self::assertSame([true, ['revision' => 1, 'overtaken' => true]], $told());
        $wind('115 mph');
        self::assertSame([false, ['revision' => 1, 'overtaken' => false]], $told(), 'the same design again');
    }

    public function test_a_plan_with_an_open_stop_holds_nowhere(): void
    {
        self::assertSame('Hand-over: 54 recalled values to confirm', app(JobList::class)->of($this->user)[0]['next']);
        $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $this->job->current()->id, 'edits' => [['path' => '/kit/foot/flashing/makers_cover_m', 'typed' => '']]])->assertOk();
        $view = $this->getJson("/jobs/{$this->job->id}/view")->assertOk();
        self::assertSame(['1 stop', 'fails'], [$view->json('summary.word'), $view->json('summary.tone')]);
        self::assertSame('1 stop', app(JobList::class)->of($this->user)[0]['word']);
        $states = array_column(is_array($view->json('stages')) ? $view->json('stages') : [], 'state', 'key');
        self::assertSame(['1 stop', '1 stop', 'tight'], [$states['holes'], $states['handover'], $states['rails']], 'and a stage is as good as the worst of its table');
    }

    public function test_the_database_keeps_issued_plans_and_finished_papers(): void
    {
        $issued = $this->issue();
        DB::update("update papers set bytes = '\\x25', state = 'done' where issued_plan_id = ?", [$issued->id]);
        foreach (["update issued_plans set note = 'x'", 'delete from issued_plans', "update papers set bytes = '\\x26'", 'delete from papers'] as $statement) {
            try {
                DB::transaction(static fn () => DB::statement($statement));
                self::fail("$statement went through.");
            } catch (QueryException $refused) {
                self::assertMatchesRegularExpression('/append-only|stays/', $refused->getMessage());
            }
        }
    }

    public function test_a_paper_that_failed_says_why_and_is_made_again_on_asking(): void
    {
        $issued = $this->issue();
        [$crew, $calculation] = $issued->papers->all();
        self::assertSame([PaperKind::Crew, PaperKind::Calculation], [$crew->kind, $calculation->kind]);
        (new MakePaper($calculation->id))->failed(new \RuntimeException('no browser'));
        $this->getJson("/jobs/{$this->job->id}/issued")->assertJsonPath('issued.0.papers.0.state', 'waiting')->assertJsonPath('issued.0.papers.1.state', 'failed')->assertJsonPath('issued.0.papers.1.trouble', 'no browser');
        $this->postJson("/jobs/{$this->job->id}/issued/{$issued->id}/paper")->assertOk()->assertJsonPath('issued.0.papers.1.state', 'waiting');
        // Only what failed is made again.
        Queue::assertPushed(MakePaper::class, 3);
        DB::table('issued_plans')->insert(['revision' => 9, 'build' => 'another'] + collect($issued->fresh()?->getAttributes())->except('id')->all());
        $other = IssuedPlan::query()->where('revision', 9)->firstOrFail();
        $paper = Paper::query()->create(['issued_plan_id' => $other->id, 'kind' => PaperKind::Crew]);
        (new MakePaper($paper->id))->handle();
        self::assertSame('failed', $paper->refresh()->state);
    }

    public function test_the_print_route_is_open_to_a_signature_for_a_minute_only(): void
    {
        $issued = $this->issue();
        $this->post('/logout');
        $this->get("/issued/{$issued->id}/paper/crew")->assertForbidden();
        $url = URL::temporarySignedRoute('issued.paper', now()->addMinute(), ['issuedPlan' => $issued->id, 'kind' => 'calculation'], false);
        $this->get(str_replace('/calculation', '/crew', $url))->assertForbidden();
        $this->get($url)->assertOk()->assertInertia(static fn ($page) => $page->component('Print')->where('revision.number', 1)->where('paper', 'calculation'));
        $this->travel(2)->minutes();
        $this->get($url)->assertForbidden();
    }

    public function test_a_job_goes_as_one_file_into_another_company(): void
    {
        $archive = (string) $this->get("/jobs/{$this->job->id}/archive.json")->assertOk()->content();
        $content = json_decode($archive, true, 128, JSON_THROW_ON_ERROR);
        self::assertIsArray($content);
        self::assertIsArray($content['becauses']);
        self::assertSame(Becauses::paths(Planner::plan($this->job->current()->surface())), array_keys((array) $content['becauses']['plane-1']));
        $other = $this->planner('Beech Solar');
        $this->actingAs($other)->post('/jobs', ['name' => 'Taken over', 'units' => 'ft_in', 'document' => $archive])->assertRedirect();
        $taken = Job::query()->where('company_id', $other->company_id)->firstOrFail()->current();
        self::assertSame(str_replace('Quince Lane 8, back roof', 'Taken over', $this->job->current()->bytes), $taken->bytes);
        // One of before, whose reasons stood without their surface.
        $this->post('/jobs', ['name' => 'From before', 'units' => 'ft_in', 'document' => str_replace('"garnetine_archive":2', '"garnetine_archive":1', $archive)])->assertSessionHasNoErrors();
        self::assertSame(2, Job::query()->where('company_id', $other->company_id)->count());
        $forged = str_replace('115', '95', $archive);
        $this->from('/jobs/new')->post('/jobs', ['name' => 'X', 'units' => 'mm', 'document' => $forged], ['X-Inertia' => 'true'])->assertSessionHasErrors('document');
        $this->post('/jobs', ['name' => 'X', 'units' => 'mm', 'document' => '{"garnetine_archive": 3}'], ['X-Inertia' => 'true'])->assertSessionHasErrors('document');
        $this->post('/jobs', ['name' => 'X', 'units' => 'mm', 'document' => '{"garnetine_archive": 1, '], ['X-Inertia' => 'true'])->assertSessionHasErrors('document');
        self::assertSame(2, Job::query()->where('company_id', $other->company_id)->count());
    }
}
