<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\IssuedPlan;
use App\Models\Job;
use App\Models\User;
use App\Support\JobList;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\ProjectPlan;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A job of two planes: on the desk, in history, signed, compared, printed, exported and issued. */
final class SurfacesTest extends TestCase
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
        $this->actingAs($this->user)->withSession(['password_given_at' => time()]);
        $this->save([['plane' => 'copy']])->assertOk();
        $this->save([['on' => 'plane-2', 'path' => '/surface/name', 'typed' => 'Street side'], ['on' => 'plane-2', 'path' => '/block/columns', 'typed' => '6'], ['on' => 'plane-2', 'path' => '/surface/width_m', 'typed' => "43' 1"]])->assertOk();
    }

    /**
     * @param list<array<string, mixed>> $edits
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(array $edits, string $surface = ''): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->id}/designs".($surface === '' ? '' : "?surface=$surface"), ['base' => $this->job->current()->id, 'edits' => $edits]);
    }

    public function test_the_desk_shows_the_surface_that_is_asked_for_and_how_the_others_stand(): void
    {
        $first = $this->getJson("/jobs/{$this->job->id}/view")->assertOk();
        $other = $this->getJson("/jobs/{$this->job->id}/view?surface=plane-2")->assertOk();
        self::assertSame(['plane-1', 'plane-2'], [$first->json('surface'), $other->json('surface')]);
        self::assertSame(['Roof', 19, 'Street side', 12], [$first->json('fields')['/surface/name']['text'], $first->json('summary.modules'), $other->json('fields')['/surface/name']['text'], $other->json('summary.modules')]);
        self::assertEquals($first->json('surfaces'), $other->json('surfaces'), 'told the same from either');
        self::assertSame([['plane-1', 19], ['plane-2', 12]], array_map(static fn (array $one): array => [$one['id'], $one['modules']], $first->json('surfaces')));
        $this->getJson("/jobs/{$this->job->id}/view?surface=attic")->assertJsonPath('surface', 'plane-1');
        $this->getJson("/jobs/{$this->job->id}/because?path=modules/1/10")->assertOk();
        $this->getJson("/jobs/{$this->job->id}/because?surface=plane-2&path=modules/1/10")->assertStatus(404);
        self::assertSame("43' 1", $this->getJson("/jobs/{$this->job->id}/because?surface=plane-2&path=design/surface/width_m")->json('typed'));
        self::assertSame(['P. Lanner', 3], array_values(array_intersect_key((array) $this->getJson("/jobs/{$this->job->id}/because?surface=plane-2&path=design/surface/width_m")->json('entered'), ['by' => 1, 'design' => 1])));
    }

    public function test_an_edit_or_a_look_is_made_on_its_surface_alone(): void
    {
        $look = fn (string $surface): mixed => $this->postJson("/jobs/{$this->job->id}/preview?surface=$surface", ['base' => $this->job->current()->id, 'edits' => [['toggle' => ['row' => 1, 'column' => 2]]]])->assertOk()->json('summary.modules');
        self::assertSame([11, 18], [$look('plane-2'), $look('plane-1')]);
        $this->save([['toggle' => ['row' => 1, 'column' => 2]]], 'plane-1')->assertOk()->assertJsonPath('summary.modules', 18)->assertJsonPath('surface', 'plane-1');
        self::assertSame(['Roof: Modules taken out: 1.9 → 1.9, 1.2'], [$this->job->current()->change]);
        $this->save([['on' => 'attic', 'path' => '/surface/width_m', 'typed' => '9 m']])->assertStatus(422);
        $this->save([['path' => '/surface/width_m', 'typed' => 'wide']], 'plane-1')->assertStatus(422)->assertJsonPath('faults.0.path', '/surface/width_m');
        $this->save([['plane' => 'remove']], 'plane-1')->assertOk()->assertJsonPath('surface', 'plane-2');
        self::assertSame(['plane-2'], $this->job->current()->document()->ids());
        $this->postJson("/jobs/{$this->job->id}/designs/undo", ['base' => $this->job->current()->id])->assertOk();
        self::assertSame(['plane-1', 'plane-2'], $this->job->current()->document()->ids());
    }

    public function test_each_structure_is_signed_and_what_is_built_needs_them_all(): void
    {
        $sign = fn (string $surface, array $subjects): TestResponse => $this->postJson("/jobs/{$this->job->id}/confirmations?surface=$surface", ['base' => $this->job->current()->id, 'subjects' => $subjects, 'name' => 'E. Sorrel', 'reason' => 'our copies'])->assertOk();
        $issue = fn (): TestResponse => $this->postJson("/jobs/{$this->job->id}/issued", ['base' => $this->job->current()->id, 'note' => '', 'purpose' => 'construction']);
        foreach (['plane-1', 'plane-2'] as $surface) {
            $plan = Planner::plan($this->job->current()->surface($surface));
            $sign($surface, [['subject' => 'structure', 'value' => $plan->structureDigest()], ...array_map(static fn ($value): array => ['subject' => "coefficient/{$value->id}", 'value' => $value->text()], $plan->unconfirmed())]);
            $surface === 'plane-2' ?: $issue()->assertStatus(422)->assertSee('Street side: The roof structure is not signed.')->assertDontSee('Roof: The');
        }
        $issue()->assertOk();
        $issued = IssuedPlan::query()->where('job_id', $this->job->id)->firstOrFail();
        $plan = json_decode($issued->bytes, true);
        self::assertIsArray($plan);
        self::assertSame(['confirmed', 2, ['plane-1', 'plane-2']], [$issued->status, $plan['summary']['surfaces'], array_keys($plan['surfaces'])]);
    }

    public function test_papers_tables_comparison_and_the_list_of_jobs_tell_of_both(): void
    {
        $plan = ProjectPlan::of($this->job->current()->document());
        $views = ((array) $this->get("/jobs/{$this->job->id}/print/crew")->assertOk()->viewData('page'))['props']['views'];
        self::assertSame([['plane-1', 31], ['plane-2', null]], array_map(static fn (array $view): array => [$view['surface'], array_column($view['all_materials'] ?? [], 'count', 'item')['module'] ?? null], $views));
        $csv = (string) $this->get("/jobs/{$this->job->id}/export/materials.csv")->getContent();
        self::assertMatchesRegularExpression('/^module,[^\n]*,31,/m', $csv);
        $cutting = (string) $this->get("/jobs/{$this->job->id}/export/cutting.csv")->getContent();
        self::assertSame(array_sum(array_map(static fn ($one): int => count($one->cutting->pieces ?? []), $plan->plans)), substr_count($cutting, "\r\n") - 1);
        self::assertStringContainsString("\r\nRoof,1,", $cutting);
        $row = array_column(app(JobList::class)->of($this->user), null, 'id')[$this->job->id];
        self::assertSame([31, $plan->summary()['attachments']], [$row['modules'], $row['attachments']]);
        $first = $this->job->designs()->orderBy('number')->firstOrFail();
        $compared = $this->getJson("/jobs/{$this->job->id}/compare?one={$first->id}&two={$this->job->current()->id}")->assertOk();
        self::assertSame([['Surface', '', 'Street side']], array_map(static fn (array $one): array => [$one['label'], $one['before'], $one['after']], $compared->json('inputs')));
        self::assertSame(['19', '19', '', '12'], array_merge(...array_map(static fn (array $one): array => str_ends_with($one['label'], ': Modules') ? [$one['before'], $one['after']] : [], $compared->json('results'))));
    }

    public function test_what_a_side_design_changed_goes_onto_the_newest_surface_by_surface(): void
    {
        $base = $this->job->current();
        $this->actingAs($this->colleague($this->user))->save([['on' => 'plane-1', 'path' => '/surface/pitch_rad', 'typed' => '20°']])->assertOk();
        $this->actingAs($this->user)->postJson("/jobs/{$this->job->id}/designs", ['base' => $base->id, 'edits' => [['on' => 'plane-2', 'path' => '/surface/pitch_rad', 'typed' => '25°']]])->assertStatus(409);
        $side = $this->job->designs()->where('is_side', true)->firstOrFail();
        $this->postJson("/jobs/{$this->job->id}/designs/{$side->id}/onto", ['base' => $this->job->current()->id])->assertOk();
        $typed = $this->job->current()->document()->asTyped;
        self::assertSame(['20°', '25°'], [$typed['/surfaces/plane-1/pitch_rad'], $typed['/surfaces/plane-2/pitch_rad']]);
        $this->save([['plane' => 'remove', 'on' => 'plane-2']])->assertOk();
        $this->postJson("/jobs/{$this->job->id}/designs/{$side->id}/onto", ['base' => $this->job->current()->id])->assertStatus(422)->assertSee('surfaces');
    }
}
