<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Listing\JobList;
use App\Models\IssuedPlan;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\ProjectPlan;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\URL;
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

    /** @return list<list<mixed>> Some values of every entry */
    private static function each(mixed $entries, string ...$keys): array
    {
        return array_values(array_map(static fn (mixed $one): array => array_values(array_map(static fn (string $key): mixed => data_get($one, $key), $keys)), (array) $entries));
    }

    public function test_the_desk_shows_the_surface_that_is_asked_for_and_how_the_others_stand(): void
    {
        $first = $this->getJson("/jobs/{$this->job->id}/view")->assertOk();
        $other = $this->getJson("/jobs/{$this->job->id}/view?surface=plane-2")->assertOk();
        self::assertSame(['plane-1', 'plane-2'], [$first->json('surface'), $other->json('surface')]);
        $name = static fn (TestResponse $view): mixed => data_get($view->json('fields'), ['/surface/name', 'text']);
        self::assertSame(['Roof', 19, 'Street side', 12], [$name($first), $first->json('summary.modules'), $name($other), $other->json('summary.modules')]);
        self::assertEquals($first->json('surfaces'), $other->json('surfaces'), 'told the same from either');
        self::assertSame([['plane-1', 19], ['plane-2', 12]], self::each($first->json('surfaces'), 'id', 'modules'));
        $text = static fn (mixed $in, string $path): string => is_string($found = data_get($in, $path)) ? $found : '';
        [$alone, $page] = [$first->json('surfaces.0.drawing'), $this->get('/jobs')->assertOk()->viewData('page')];
        $modules = $text($page, 'props.jobs.0.drawing.modules');
        self::assertSame(19, substr_count($text($alone, 'modules'), 'M'));
        self::assertSame(0, strpos($modules, $text($alone, 'modules')), 'in the list the planes lie side by side');
        self::assertSame($text($alone, 'outline').'M106 38L203 38L203 0L106 0z', $text($page, 'props.jobs.0.drawing.outline'));
        preg_match_all('/M(\d+)/', substr($modules, strlen($text($alone, 'modules'))), $others);
        self::assertSame(['119', '126', '134', '141', '149', '156'], array_values(array_unique($others[1])));
        self::assertCount(12, $others[1]);
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

    public function test_a_job_opens_on_the_plane_that_has_the_next_thing_to_do(): void
    {
        $this->get("/jobs/{$this->job->id}/export/plan.json")->assertOk();
        $this->get("/jobs/{$this->job->id}")->assertRedirect("/jobs/{$this->job->id}/stage/handover");
        $this->save([['path' => '/surface/setbacks/left_m', 'typed' => '9 ft']], 'plane-2')->assertOk()->assertJsonPath('summary.open_stops', 1);
        $this->get("/jobs/{$this->job->id}/export/plan.json")->assertOk();
        $this->get("/jobs/{$this->job->id}")->assertRedirect("/jobs/{$this->job->id}/stage/modules?surface=plane-2");
    }

    public function test_each_structure_is_signed_and_what_is_built_needs_them_all(): void
    {
        $sign = fn (string $surface, array $subjects): TestResponse => $this->postJson("/jobs/{$this->job->id}/confirmations?surface=$surface", ['base' => $this->job->current()->id, 'subjects' => $subjects, 'name' => 'E. Sorrel', 'reason' => 'our copies'])->assertOk();
        $issue = fn (?array $surfaces = null): TestResponse => $this->postJson("/jobs/{$this->job->id}/issued", ['base' => $this->job->current()->id, 'note' => '', 'purpose' => 'construction', 'surfaces' => $surfaces]);
        foreach (['plane-1', 'plane-2'] as $surface) {
            $plan = Planner::plan($this->job->current()->surface($surface));
            $sign($surface, [['subject' => 'structure', 'value' => $plan->structureDigest()], ...array_map(static fn ($value): array => ['subject' => "coefficient/{$value->id}", 'value' => $value->text()], $plan->unconfirmed())]);
            $surface === 'plane-2' ?: $issue()->assertStatus(422)->assertSee('Street side: The roof structure is not signed.')->assertDontSee('Roof: The');
            if ($surface === 'plane-1') {
                // The one that is confirmed may be built, the other is left out by name, and the job goes on.
                $issue(['plane-1'])->assertOk()->assertJsonPath('issued.0.for_construction', true)->assertJsonPath('issued.0.left_out', ['Street side']);
                $issue(['plane-1'])->assertJsonCount(1, 'issued');
                $issue(['plane-2'])->assertStatus(422)->assertSee('not signed');
                $issue(['attic'])->assertStatus(422)->assertJsonValidationErrors('surfaces', 'errors');
                $part = IssuedPlan::query()->where('job_id', $this->job->id)->firstOrFail();
                self::assertSame(['construction', ['Street side'], 'confirmed', 1], array_map(static fn (string $key): mixed => data_get(json_decode($part->bytes, true), $key), ['purpose', 'left_out', 'status', 'summary.surfaces']));
                $paper = $this->get(URL::temporarySignedRoute('issued.paper', now()->addMinute(), ['issuedPlan' => $part->id, 'kind' => 'crew'], false))->assertOk()->viewData('page');
                self::assertSame([['plane-1'], ['Street side']], [array_column(self::each(data_get($paper, 'props.views'), 'surface'), 0), data_get($paper, 'props.revision.left_out')]);
                self::assertSame('Street side', $part->leftOut()[0]);
                self::assertNotSame('Issued for construction; nothing is left to do', data_get(array_column(app(JobList::class)->of($this->user), null, 'id'), "{$this->job->id}.next"));
            }
        }
        $issue()->assertOk();
        $issued = IssuedPlan::query()->where('job_id', $this->job->id)->orderByDesc('revision')->firstOrFail();
        $plan = json_decode($issued->bytes, true);
        self::assertSame(['confirmed', 2, ['plane-1', 'plane-2']], [$issued->status, data_get($plan, 'summary.surfaces'), array_keys((array) data_get($plan, 'surfaces'))]);
    }

    public function test_papers_tables_comparison_and_the_list_of_jobs_tell_of_both(): void
    {
        $plan = ProjectPlan::of($this->job->current()->document());
        $views = data_get($this->get("/jobs/{$this->job->id}/print/crew")->assertOk()->viewData('page'), 'props.views');
        self::assertSame([['plane-1', 'module', 31], ['plane-2', null, null]], self::each($views, 'surface', 'all_materials.0.item', 'all_materials.0.count'));
        $csv = (string) $this->get("/jobs/{$this->job->id}/export/materials.csv")->getContent();
        self::assertMatchesRegularExpression('/^module,[^\n]*,31,/m', $csv);
        $cutting = (string) $this->get("/jobs/{$this->job->id}/export/cutting.csv")->getContent();
        self::assertSame(array_sum(array_map(static fn ($one): int => count($one->cutting->pieces ?? []), $plan->plans)), substr_count($cutting, "\r\n") - 1);
        self::assertStringContainsString("\r\nRoof,1,", $cutting);
        $row = array_column(app(JobList::class)->of($this->user), null, 'id')[$this->job->id];
        self::assertSame([31, $plan->summary()['attachments']], [$row['modules'], $row['attachments']]);
        $first = $this->job->designs()->orderBy('number')->firstOrFail();
        $compared = $this->getJson("/jobs/{$this->job->id}/compare?one={$first->id}&two={$this->job->current()->id}")->assertOk();
        self::assertSame([['Surface', '', 'Street side']], self::each($compared->json('inputs'), 'label', 'before', 'after'));
        $results = array_column(self::each($compared->json('results'), 'label', 'before', 'after'), null, 0);
        self::assertSame([['Roof: Modules', '19', '19'], ['Street side: Modules', '', '12']], [$results['Roof: Modules'], $results['Street side: Modules']]);
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

    public function test_the_desk_is_of_the_block_in_view_and_draws_the_others_beside_it(): void
    {
        $block = '?surface=plane-2&block=plane-2-2';
        $post = fn (string $what, array $edits, string $query): TestResponse => $this->postJson("/jobs/{$this->job->id}/$what$query", ['base' => $this->job->current()->id, 'edits' => $edits, 'path' => 'design/block/columns']);
        $post('designs', [['block' => 'add']], '?surface=plane-2')->assertOk();
        self::assertSame('Street side: Block 2: none → there', $this->job->current()->change);
        $saved = $post('designs', [['path' => '/block/columns', 'typed' => '3'], ['path' => '/block/rows', 'typed' => '1'], ['path' => '/block/x_m', 'typed' => '40 ft'], ['path' => '/block/top_above_roof_m', 'typed' => '11 in']], $block)->assertOk();
        self::assertStringContainsString('Street side: Block 2: Columns, Street side: Block 2: Block from', $this->job->current()->change);
        $first = $this->getJson("/jobs/{$this->job->id}/view?surface=plane-2")->assertOk();
        $count = static fn (TestResponse $view): array => [$view->json('block'), $view->json('fields./block/columns.text'), count((array) $view->json('sheet.modules')), self::each($view->json('sheet.beside'), 'number'), self::each($view->json('blocks'), 'number', 'modules')];
        self::assertSame(['plane-2-2', '3', 3, [[1]], [[1, 12], [2, 3]]], $count($saved));
        self::assertSame(['plane-2', '6', 12, [[2]], [[1, 12], [2, 3]]], $count($first));
        self::assertSame(15, $first->json('summary.modules'));
        // The same finding stands at its place in the block in view, and at the block's own from another.
        $at = static fn (TestResponse $view): array => array_column(array_filter((array) $view->json('findings'), static fn (mixed $one): bool => data_get($one, 'code') === 'too_high_above_roof'), 'at');
        self::assertSame([['/block/top_above_roof_m'], ['/blocks/plane-2-2/top_above_roof_m']], [$at($saved), $at($first)]);
        $post('designs', [['path' => '/block/top_above_roof_m', 'typed' => '11 in']], '?surface=plane-2')->assertOk();
        self::assertSame(['/blocks/plane-2/top_above_roof_m', '/block/top_above_roof_m'], $at($this->getJson("/jobs/{$this->job->id}/view$block")));
        self::assertSame(['3', '6'], [$this->getJson("/jobs/{$this->job->id}/because$block&path=design/block/columns")->json('value'), $this->getJson("/jobs/{$this->job->id}/because?surface=plane-2&path=design/block/columns")->json('value')]);
        self::assertSame(['/block/columns', '4'], [$post('because', [['path' => '/block/columns', 'typed' => '4']], $block)->json('input'), $post('because', [['path' => '/block/columns', 'typed' => '4']], $block)->json('value')]);
        $look = $post('preview', [['toggle' => ['row' => 1, 'column' => 2]]], $block);
        self::assertSame([14, 2, 12], [$look->json('summary.modules'), count((array) $look->json('sheet.modules')), count((array) $look->json('sheet.beside.0.modules'))]);
        $post('designs', [['pin' => ['line' => 'A', 'member' => 20], 'of' => 'plane-2-2']], '?surface=plane-2')->assertOk();
        self::assertSame([1, 0], [count($this->job->current()->document()->blocks['plane-2-2']->pins), count($this->job->current()->document()->blocks['plane-2']->pins)]);
        $post('designs', [['block' => 'remove']], $block)->assertOk()->assertJsonPath('block', 'plane-2');
        $post('designs', [['block' => 'remove']], '?surface=plane-2')->assertStatus(422)->assertSee('a block beside others');
    }
}
