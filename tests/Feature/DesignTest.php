<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Designs\SaveDesign;
use App\Actions\Jobs\StartJob;
use App\Jobs\PlanAhead;
use App\Listing\JobList;
use App\Models\Design;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Cli\Main;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Examples;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Designs are saved, never overwritten, and planned to the same bytes everywhere. */
final class DesignTest extends TestCase
{
    use RefreshDatabase;

    private User $user;
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->planner();
        $this->job = $this->exampleJob($this->user);
        $this->actingAs($this->user);
    }

    public function test_a_new_job_starts_as_a_blank_survey_that_says_what_it_needs(): void
    {
        $this->post('/jobs', ['name' => 'Fern Street 3', 'units' => 'mm', 'document' => ''])->assertRedirect();
        $job = Job::query()->where('name', 'Fern Street 3')->firstOrFail();
        $view = $this->getJson("/jobs/{$job->id}/view")->assertOk();
        $view->assertJsonPath('units', 'mm')->assertJsonPath('summary.refused', true)->assertJsonPath('survey.0.answer', null);
        self::assertContains('topography_unknown', $this->getJson("/jobs/{$this->answered($job)->id}/view")->collect('findings')->pluck('code')->all());
    }

    /** The blank survey with the questions answered that decide whether the case is covered. */
    private function answered(Job $job): Job
    {
        $this->postJson("/jobs/{$job->id}/designs", ['base' => $job->current()->id, 'edits' => [
            ['path' => '/surface/dormer_or_valley', 'typed' => 'no'], ['path' => '/surface/higher_or_lower_roof', 'typed' => 'no'],
        ]])->assertOk();

        return $job;
    }

    public function test_an_edit_makes_a_new_design_and_a_new_plan_and_keeps_the_old(): void
    {
        $first = $this->job->current();
        $before = $this->getJson("/jobs/{$this->job->id}/view")->json('summary.attachments');
        $this->save($first, [['path' => '/site/wind_speed_m_per_s', 'typed' => '140 mph']])->assertOk()
            ->assertJsonPath('design.number', 2)->assertJsonPath('fields./site/wind_speed_m_per_s.text', '140 mph')->assertJsonPath('design.change', 'Basic wind speed: 115 mph → 140 mph');
        self::assertGreaterThan($before, $this->getJson("/jobs/{$this->job->id}/view")->json('summary.attachments'));
        self::assertSame(2, $this->job->designs()->count());
        self::assertSame($first->bytes, $this->job->designs()->where('number', 1)->firstOrFail()->bytes);
    }

    /**
     * @param list<mixed> $edits
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(Design $base, array $edits): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $base->id, 'edits' => $edits]);
    }

    public function test_the_list_of_jobs_does_not_wait_for_a_large_roof_that_nobody_planned_yet(): void
    {
        $large = JobEdits::apply($this->job->current()->document(), [['path' => '/block/rows', 'typed' => '30'], ['path' => '/block/columns', 'typed' => '40']]);
        $job = app(StartJob::class)->handle($this->user->company ?? throw new \LogicException('A user has a company.'), $this->user, $large);
        $queue = Queue::fake();
        $rows = array_column(app(JobList::class)->of($this->user), null, 'id');
        self::assertNull($rows[$job->id]['modules']);
        self::assertSame('not planned yet', $rows[$job->id]['word']);
        self::assertSame(32, $rows[$this->job->id]['attachments'], 'the others are there');
        $pushed = $queue->pushed(PlanAhead::class);
        self::assertSame([[$job->current()->id, 'ahead']], $pushed->map(static fn (mixed $ahead): array => $ahead instanceof PlanAhead ? [$ahead->designId, $ahead->queue] : [])->all());
        // A company has two turns at once, and gets them back.
        for ($more = 0; $more < 3; ++$more) {
            PlanAhead::ask($job->company_id, 1000 + $more);
        }
        PlanAhead::ask($job->company_id + 1, 2000);
        self::assertSame([$job->current()->id, 1000, 2000], $queue->pushed(PlanAhead::class)->map(static fn (mixed $ahead): int => $ahead instanceof PlanAhead ? $ahead->designId : 0)->all());
        $ahead = $pushed->first();
        self::assertInstanceOf(PlanAhead::class, $ahead);
        app()->call([$ahead, 'handle']);
        PlanAhead::ask($job->company_id, 3000);
        self::assertCount(4, $queue->pushed(PlanAhead::class));
        $rows = array_column(app(JobList::class)->of($this->user), null, 'id');
        self::assertSame(1200 - count($large->blocks['plane-1']->leftOut), $rows[$job->id]['modules']);
    }

    public function test_a_wrong_value_is_refused_at_its_place_and_nothing_is_saved(): void
    {
        $this->save($this->job->current(), [['path' => '/surface/width_m', 'typed' => '44'], ['path' => '/site/wind_speed_m_per_s', 'typed' => '130 mph']])
            ->assertStatus(422)->assertJsonPath('faults.0.path', '/surface/width_m')->assertJsonPath('faults.0.found', '"44"');
        self::assertSame(1, $this->job->designs()->count());
    }

    public function test_a_lost_race_keeps_the_design_beside_the_main_line(): void
    {
        $base = $this->job->current();
        $this->actingAs($this->colleague($this->user))->save($base, [['path' => '/site/wind_speed_m_per_s', 'typed' => '120 mph']])->assertOk();
        $this->actingAs($this->user)->save($base, [['path' => '/site/wind_speed_m_per_s', 'typed' => '130 mph']])->assertStatus(409)->assertJsonPath('design.is_side', true);
        self::assertSame('120 mph', $this->job->current()->surface()->asTyped['/site/wind_speed_m_per_s']);
        self::assertSame(3, $this->job->designs()->count());
    }

    public function test_nobody_races_against_their_own_other_window(): void
    {
        $base = $this->job->current();
        $this->save($base, [['path' => '/site/wind_speed_m_per_s', 'typed' => '120 mph']])->assertOk();
        $this->save($base, [['path' => '/site/mean_roof_height_m', 'typed' => '18 ft']])->assertOk()->assertJsonPath('design.is_side', false);
        $document = $this->job->current()->surface();
        self::assertSame(['120 mph', '18 ft'], [$document->asTyped['/site/wind_speed_m_per_s'], $document->asTyped['/site/mean_roof_height_m']]);
        // Once a colleague has saved it is a race again.
        $this->actingAs($this->colleague($this->user))->save($this->job->current(), [['path' => '/site/wind_speed_m_per_s', 'typed' => '121 mph']])->assertOk();
        $this->actingAs($this->user)->save($base, [['path' => '/site/mean_roof_height_m', 'typed' => '19 ft']])->assertStatus(409);
    }

    public function test_a_save_that_is_repeated_by_its_key_answers_with_what_it_stored(): void
    {
        $base = $this->job->current();
        $key = '6f6c2f0e-2a5b-4d5c-9d5e-0b9a1c7e4f21';
        $again = fn (): TestResponse => $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $base->id, 'key' => $key, 'edits' => [['toggle' => ['row' => 2, 'column' => 3]]]]);
        $again()->assertOk()->assertJsonPath('design.number', 2)->assertJsonPath('summary.modules', 18);
        $this->save($this->job->current(), [['path' => '/site/wind_speed_m_per_s', 'typed' => '120 mph']])->assertOk();
        $again()->assertOk()->assertJsonPath('design.number', 2)->assertJsonPath('summary.modules', 18);
        self::assertSame(3, $this->job->designs()->count());
        // Two that came at once both went past the first look.
        $saved = fn (): Design => app(SaveDesign::class)->handle($this->job, $this->user, $this->job->current(), $base->document(), 'back', key: '0b9a1c7e-2a5b-4d5c-9d5e-6f6c2f0e4f21');
        self::assertSame($saved()->id, $saved()->id);
        $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $base->id, 'key' => 'again', 'edits' => []])->assertStatus(422)->assertJsonValidationErrors('key', 'errors');
    }

    public function test_saving_without_a_change_makes_no_design(): void
    {
        $this->save($this->job->current(), [])->assertOk()->assertJsonPath('design.number', 1);
    }

    public function test_the_database_itself_refuses_to_change_or_delete_a_design(): void
    {
        foreach (["update designs set bytes = '{}'", 'delete from designs'] as $statement) {
            try {
                DB::transaction(static fn () => DB::statement($statement));
                self::fail("$statement went through.");
            } catch (QueryException $refused) {
                self::assertStringContainsString('append-only', $refused->getMessage());
            }
        }
        self::assertSame(1, $this->job->designs()->count());
    }

    public function test_a_preview_saves_nothing_and_carries_its_number(): void
    {
        $this->postJson("/jobs/{$this->job->id}/preview", ['base' => $this->job->current()->id, 'sequence' => 7, 'edits' => [['path' => '/block/x_m', 'typed' => "4' 0"]]])
            ->assertOk()->assertJsonPath('sequence', 7)->assertJsonStructure(['sheet', 'runs', 'findings']);
        self::assertSame(1, $this->job->designs()->count());
    }

    public function test_a_preview_is_of_the_job_it_is_asked_for_whatever_was_read_before(): void
    {
        $base = $this->job->current()->id;
        $other = $this->exampleJob($this->user);
        $preview = fn (Job $job, int $base) => $this->postJson("/jobs/{$job->id}/preview", ['base' => $base, 'edits' => []]);
        $preview($this->job, $base)->assertOk();
        $preview($other, $base)->assertNotFound();
        $asked = 0;
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked += str_contains($query->sql, '"designs"') ? 1 : 0;
        });
        $preview($this->job, $base)->assertOk();
        self::assertSame(0, $asked, 'a saved design is asked for once');
        // As after a restore: what the job was is not what it is.
        Job::query()->whereKey($this->job->id)->update(['updated_at' => now()->subDay()]);
        $preview($this->job, $base)->assertOk();
        self::assertSame(1, $asked);
    }

    public function test_browser_and_command_line_give_identical_bytes(): void
    {
        $design = $this->get("/jobs/{$this->job->id}/export/design.json")->assertOk()->content();
        self::assertSame((string) file_get_contents(base_path('docs/examples/quince-lane.json')), $design);
        $plan = (string) $this->get("/jobs/{$this->job->id}/export/plan.json")->assertOk()->content();
        [$code, $output] = Main::run(['plan', 'design.json'], static fn (): string => (string) $design);
        self::assertSame(0, $code);
        self::assertSame($output, $plan);
        self::assertSame($output, (string) shell_exec('php '.base_path('bin/garnetine').' plan '.base_path('docs/examples/quince-lane.json')));
    }

    public function test_no_cell_of_a_table_can_be_read_as_a_formula(): void
    {
        $evil = '=HYPERLINK("http://x","y")';
        $this->save($this->job->current(), [['path' => '/module/name', 'typed' => $evil], ['path' => '/kit/rail/document', 'typed' => '@SUM(1)'], ['path' => '/kit/foot/name', 'typed' => "\u{200b}+1-1"], ['path' => '/kit/clamp/name', 'typed' => '＝1+1']])->assertOk();
        $csv = (string) $this->get("/jobs/{$this->job->id}/export/materials.csv")->assertOk()->content();
        foreach (preg_split('/\r\n/', trim($csv)) ?: [] as $line) {
            foreach (str_getcsv($line, escape: '') as $cell) {
                self::assertDoesNotMatchRegularExpression('/^\s*[=+\-@\t]/', (string) $cell);
            }
        }
        foreach (['=HYPERLINK', "\u{200b}+1-1", '＝1+1'] as $start) {
            self::assertStringContainsString("'$start", $csv);
        }
    }

    public function test_named_persons_sign_until_the_plan_is_confirmed(): void
    {
        $view = $this->getJson("/jobs/{$this->job->id}/view")->assertJsonPath('status', 'preliminary');
        $subjects = $view->collect('coefficients')->map(static fn (mixed $used): array => is_array($used) && is_string($used['id'] ?? null) ? ['subject' => 'coefficient/'.$used['id'], 'value' => $used['text']] : [])->all();
        $subjects[] = ['subject' => 'structure', 'value' => $view->json('summary.structure_digest')];
        $body = ['base' => $view->json('design.id'), 'subjects' => $subjects, 'name' => 'E. Sorrel', 'reason' => 'Our printed copy; calculation 12'];
        $this->postJson("/jobs/{$this->job->id}/confirmations", ['name' => ''] + $body)->assertStatus(422);
        $this->postJson("/jobs/{$this->job->id}/confirmations", $body)->assertOk()->assertJsonPath('status', 'confirmed')->assertJsonPath('summary.structure_signed_by', 'E. Sorrel, in the presence of P. Lanner');
        self::assertSame(['E. Sorrel', 'P. Lanner'], [$this->job->current()->surface()->confirmations[0]->name, $this->job->current()->surface()->confirmations[0]->account]);
    }

    public function test_a_signature_is_an_act_of_an_account_that_was_just_sure_of_its_password(): void
    {
        $sign = fn (string $password): TestResponse => $this->postJson("/jobs/{$this->job->id}/confirmations", [
            'base' => $this->job->current()->id, 'subjects' => [['subject' => 'stop/one', 'value' => '']], 'name' => 'P. Lanner', 'reason' => 'seen', 'password' => $password,
        ]);
        $this->travel(16)->minutes();
        $sign('')->assertStatus(423)->assertJsonPath('code', 'password_needed');
        $sign('guessed')->assertStatus(423);
        self::assertSame(1, $this->job->designs()->count());
        $sign('a-long-password')->assertOk()->assertJsonPath('signatures.0.name', 'P. Lanner');
        $sign('')->assertOk();
        $this->travel(16)->minutes();
        for ($guess = 0; $guess < 10; ++$guess) {
            $sign("guess $guess")->assertStatus(423);
        }
        $sign('a-long-password')->assertStatus(423);
        // No other way in: not by an edit, a preview or a file.
        $this->postJson("/jobs/{$this->job->id}/confirmations/take", ['base' => $this->job->current()->id, 'edits' => []])->assertStatus(423);
        foreach (['/confirmations', '/confirmations/0/name', '/own_copies'] as $path) {
            foreach (['designs', 'preview'] as $way) {
                $this->postJson("/jobs/{$this->job->id}/$way", ['base' => $this->job->current()->id, 'edits' => [['path' => $path, 'value' => []]]])->assertStatus(422)->assertJsonPath('faults.0.path', '/'.explode('/', $path)[1]);
            }
        }
        $this->post('/jobs', ['name' => 'Copied', 'units' => 'ft_in', 'document' => $this->job->current()->bytes])->assertRedirect();
        self::assertSame([], Job::query()->where('name', 'Copied')->firstOrFail()->current()->surface()->confirmations);
        $read = json_decode($this->job->current()->bytes, true);
        self::assertIsArray($read);
        $read['own_copies'] = [['coefficient' => 'asce7_16/velocity_pressure/kd', 'value' => 0.9, 'document' => 'our copy', 'clause' => 'Table 26.6-1', 'name' => 'E. Sorrel', 'on' => '2026-05-12']];
        $this->post('/jobs', ['name' => 'Read', 'units' => 'ft_in', 'document' => (string) json_encode($read, JSON_PRESERVE_ZERO_FRACTION)])->assertRedirect();
        self::assertSame('P. Lanner, from a file: E. Sorrel', Job::query()->where('name', 'Read')->firstOrFail()->current()->surface()->ownCopies[0]->name);
    }

    public function test_hazards_by_place_are_simulated_and_in_the_units_of_the_job(): void
    {
        $found = $this->getJson("/jobs/{$this->job->id}/hazards?place=FORD")->assertOk()->assertJsonCount(1, 'places')->assertJsonPath('places.0.place', 'Marrow Ford')->assertJsonPath('places.0.wind', '115 mph');
        self::assertStringContainsString('simulated', (string) json_encode($found->json('source')));
        $this->getJson("/jobs/{$this->job->id}/hazards")->assertJsonCount(12, 'places');
        $this->getJson("/jobs/{$this->job->id}/hazards?place=Nowhere")->assertOk()->assertJsonCount(0, 'places');
        foreach ($this->getJson("/jobs/{$this->job->id}/hazards")->collect('places') as $place) {
            self::assertIsArray($place);
            $this->save($this->job->current(), [['path' => '/site/wind_speed_m_per_s', 'typed' => $place['wind']], ['path' => '/site/ground_snow_Pa', 'typed' => $place['snow']], ['path' => '/site/ground_elevation_m', 'typed' => $place['elevation']]])->assertOk();
        }
    }

    public function test_a_because_is_answered_and_an_unknown_one_refused(): void
    {
        $this->getJson("/jobs/{$this->job->id}/because?path=loads/qh")->assertOk()->assertJsonPath('value', '24.2 psf')->assertJsonPath('children.0.title', 'Height factor Kh');
        $this->getJson("/jobs/{$this->job->id}/because?path=loads/nothing")->assertNotFound()->assertJsonPath('code', 'path_unknown');
        $this->getJson("/jobs/{$this->job->id}/because")->assertNotFound();
        $this->getJson("/jobs/{$this->job->id}/because?path[]=x")->assertStatus(404);
    }

    public function test_a_because_names_who_entered_a_value_and_tells_what_another_would_bring(): void
    {
        $leaf = static function (mixed $node, string $input) use (&$leaf): mixed {
            if (is_array($node) && ($node['input'] ?? null) === $input) {
                return $node;
            }
            foreach (is_array($node) && is_array($node['children']) ? $node['children'] : [] as $child) {
                $found = $leaf($child, $input);
                if ($found !== null) {
                    return $found;
                }
            }

            return null;
        };
        $other = $this->user->company?->users()->create(['name' => 'O. Ther', 'email' => 'other@example.test', 'password' => 'a-long-password']) ?? self::fail('no company');
        $this->actingAs($other);
        $this->save($this->job->current(), [['path' => '/site/wind_speed_m_per_s', 'typed' => '120 mph']]);
        $this->actingAs($this->user);
        $this->save($this->job->current(), [['path' => '/site/ground_snow_Pa', 'typed' => '16 psf']]);
        $because = $this->getJson("/jobs/{$this->job->id}/because?path=loads/qh")->assertOk()->json();
        $speed = $leaf($because, '/site/wind_speed_m_per_s');
        self::assertIsArray($speed);
        self::assertIsArray($speed['entered'] ?? null);
        self::assertSame(['O. Ther', 2], [$speed['entered']['by'] ?? '', $speed['entered']['design'] ?? 0]);
        $body = ['base' => $this->job->current()->id, 'path' => 'loads/qh', 'edits' => [['path' => '/site/wind_speed_m_per_s', 'typed' => '240 mph']]];
        self::assertIsArray($because);
        self::assertSame(['26.3 psf', '105.2 psf'], [$because['value'], $this->postJson("/jobs/{$this->job->id}/because", $body)->assertOk()->json('value')], 'twice 120 mph, four times 26.3 psf');
        $this->postJson("/jobs/{$this->job->id}/because", $body)->assertJsonPath('standing.tone', 'fails')->assertJsonPath('standing.news', static fn (mixed $news): bool => is_string($news) && str_contains($news, 'No layout of feet holds'));
        $this->postJson("/jobs/{$this->job->id}/because", ['edits' => []] + $body)->assertJsonPath('standing.word', 'tight')->assertJsonPath('standing.news', null);
        self::assertSame(3, $this->job->designs()->count());
        $this->postJson("/jobs/{$this->job->id}/because", ['edits' => [['path' => '/site/wind_speed_m_per_s', 'typed' => 'fast']]] + $body)->assertStatus(422);
        $this->save($this->job->current(), [['path' => '/site/topography', 'typed' => 'unknown']]);
        $this->postJson("/jobs/{$this->job->id}/because", ['base' => $this->job->current()->id, 'edits' => []] + $body)->assertJsonPath('standing.word', '1 stop')->assertJsonPath('standing.news', null);
    }

    public function test_nobody_is_credited_with_a_value_of_the_example_and_no_stage_holds_on_one(): void
    {
        $this->actingAs($this->user)->post('/jobs', ['name' => 'Blank', 'units' => 'ft_in'])->assertRedirect();
        $this->job = Job::query()->where('name', 'Blank')->firstOrFail();
        $whose = fn (string $path): array => [($because = $this->getJson("/jobs/{$this->job->id}/because?path=design$path")->assertOk())->json('entered.by'), $because->json('example')];
        foreach (['/surface/framing/spacing_m', '/surface/framing/species'] as $path) {
            self::assertSame([null, true], $whose($path));
        }
        $this->save($this->job->current(), [
            ['path' => '/surface/dormer_or_valley', 'typed' => 'no'], ['path' => '/surface/higher_or_lower_roof', 'typed' => 'no'], ['path' => '/site/topography', 'typed' => 'no_hill'], ['path' => '/site/wind_speed_kind', 'typed' => 'strength'],
            ['path' => '/surface/framing/layout_from', 'typed' => 'left'], ['path' => '/surface/framing/first_member_m', 'typed' => '24 in'],
        ]);
        $view = $this->getJson("/jobs/{$this->job->id}/view")->assertJsonPath('summary.refused', false)->assertJsonPath('status', 'preliminary');
        self::assertSame([], $view->collect('stages')->pluck('state')->intersect(['holds', 'tight'])->all());
        $examples = array_merge(...array_values(Examples::left($this->job->current()->surface())));
        $view->assertJsonPath('summary.word', count($examples).' to enter');
        $this->save($this->job->current(), array_map(static fn (string $path): array => ['path' => $path, 'stands' => true], $examples));
        $view = $this->getJson("/jobs/{$this->job->id}/view")->assertJsonPath('summary.open_stops', 0)->assertJsonPath('fields./surface/framing/spacing_m.example', false);
        self::assertSame([], $view->collect('stages')->pluck('state')->diff(['holds', 'tight', 'drafted'])->all());
        self::assertSame([$this->user->name, false], $whose('/surface/framing/spacing_m'));
        self::assertSame([null, true], $whose('/surface/framing/species'));
        $this->get("/jobs/{$this->job->id}")->assertRedirect("/jobs/{$this->job->id}/stage/site");
        $this->get('/jobs');
        $this->get("/jobs/{$this->job->id}")->assertRedirect("/jobs/{$this->job->id}/stage/handover");
    }

    public function test_what_the_company_confirmed_counts_in_its_next_job_for_the_same_value_of_the_same_document(): void
    {
        $other = $this->exampleJob($this->user);
        $foreign = $this->exampleJob($this->planner('Beech Solar'));
        $sign = fn (string $value): mixed => $this->actingAs($this->user)->postJson("/jobs/{$this->job->id}/confirmations", [
            'base' => $this->job->current()->id, 'subjects' => [['subject' => 'coefficient/asce7_16/velocity_pressure/kd', 'value' => $value]], 'name' => 'E. Sorrel', 'reason' => 'our copy, Table 26.6-1',
        ])->assertOk();
        $sign('0.9');
        $this->getJson("/jobs/{$other->id}/view")->assertJsonPath('confirmed_offers', null);
        $sign('0.85');
        $offers = $this->getJson("/jobs/{$other->id}/view")->assertJsonPath('confirmed_offers.count', 1);
        $offers->assertJsonPath('confirmed_offers.by', 'E. Sorrel, in the presence of P. Lanner, '.now()->toDateString());
        $this->postJson("/jobs/{$other->id}/confirmations/take", ['base' => $other->current()->id, 'edits' => []])->assertOk()->assertJsonPath('confirmed_offers', null);
        self::assertEquals($this->job->current()->surface()->confirmations, $other->current()->surface()->confirmations, 'with who, when and why');
        $this->actingAs(User::query()->where('company_id', $foreign->company_id)->firstOrFail())->getJson("/jobs/{$foreign->id}/view")->assertJsonPath('confirmed_offers', null);
        self::assertSame(1, DB::table('confirmed_values')->count(), 'only what stands as it is recalled is kept');
        // Of an older build, which recalled another value, or had it from another edition.
        $kept = (array) DB::table('confirmed_values')->first();
        foreach ([['value' => '0.9'], ['source' => 'another edition']] as $other) {
            DB::table('confirmed_values')->insert($other + array_diff_key($kept, ['id' => 0]));
        }
        $this->actingAs($this->user)->getJson("/jobs/{$this->exampleJob($this->user)->id}/view")->assertJsonPath('confirmed_offers.count', 1);
        $this->expectException(QueryException::class);
        DB::table('confirmed_values')->update(['name' => 'Somebody else']);
    }

    /** @return array<string, array{string}> Raw bodies */
    public static function bodies(): array
    {
        return [
            'nothing' => [''], 'no JSON' => ['{"base": 1, "edits": ['], 'a text' => ['"edits"'], 'null' => ['null'],
            'no base' => ['{"edits": []}'], 'a base that is none' => ['{"base": "one", "edits": []}'], 'a huge base' => ['{"base": 99999999999999999999, "edits": []}'],
            'edits that are no list' => ['{"base": BASE, "edits": {"a": 1}}'], 'an edit that is a text' => ['{"base": BASE, "edits": ["x"]}'],
            'too many edits' => ['{"base": BASE, "edits": ['.implode(',', array_fill(0, 300, '{"path": "/name", "typed": "x"}')).']}'],
            'a null byte' => ['{"base": BASE, "edits": [{"path": "/name", "typed": "a\u0000b"}]}'],
            'a deep value' => ['{"base": BASE, "edits": [{"path": "/name", "value": '.str_repeat('[', 200).str_repeat(']', 200).'}]}'],
            'a number beyond all' => ['{"base": BASE, "edits": [{"path": "/surface/width_m", "value": 1e999}]}'],
            'a path upward' => ['{"base": BASE, "edits": [{"path": "/../../etc", "typed": "x"}]}'],
            'a giant text' => ['{"base": BASE, "edits": [{"path": "/name", "typed": "'.str_repeat('x', 300_000).'"}]}'],
            'the base of another job' => ['{"base": 999999, "edits": []}'],
        ];
    }

    #[DataProvider('bodies')]
    public function test_a_bad_body_is_answered_clearly_and_changes_nothing(string $body): void
    {
        $body = str_replace('BASE', (string) $this->job->current()->id, $body);
        foreach (['designs', 'preview', 'confirmations'] as $path) {
            $status = $this->call('POST', "/jobs/{$this->job->id}/$path", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body)->getStatusCode();
            self::assertContains($status, [404, 422], "$path answers $status");
        }
        self::assertSame(1, $this->job->designs()->count());
    }

    public function test_an_uploaded_design_that_is_none_is_explained_on_the_form(): void
    {
        $this->from('/jobs/new')->post('/jobs', ['name' => 'X', 'units' => 'mm', 'document' => '{"schema": 1}'], ['X-Inertia' => 'true'])
            ->assertRedirect('/jobs/new')->assertSessionHasErrors('document');
        self::assertSame(1, Job::query()->count());
    }
}
