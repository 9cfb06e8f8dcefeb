<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Desk\TablesKnown;
use App\Models\IssuedPlan;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Plan\TablesBeside;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A table on the ground: begun, on the desk, looked at, saved, undone, signed, compared, exported, issued, and beside a roof. */
final class TablesTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->user = $this->planner();
        $this->actingAs($this->user);
        $this->job = $this->exampleJob($this->user, 'fallow-field');
    }

    /**
     * @param list<array<string, mixed>> $edits
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(array $edits, ?int $base = null, string $query = ''): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->id}/designs$query", ['base' => $base ?? $this->job->current()->id, 'edits' => $edits]);
    }

    private function services(): void
    {
        $this->save([
            ['path' => '/table/services', 'add' => true], ['path' => '/table/services/ticket', 'typed' => 'T-7'],
            ['path' => '/table/services/expires', 'typed' => '2027-01-31'], ['path' => '/table/services/by', 'typed' => 'E. Sorrel'],
        ])->assertOk();
    }

    public function test_the_desk_shows_the_table_that_its_plan_gives(): void
    {
        $plan = TablePlanner::plan($this->job->current()->document()->table('table-1'));
        $view = $this->getJson("/jobs/{$this->job->id}/view")->assertOk();
        self::assertSame(['table-1', 8, 8, '1 stop'], [$view->json('surface'), $view->json('summary.modules'), $view->json('summary.attachments'), $view->json('summary.word')]);
        self::assertSame(['site', 'field', 'table', 'loads', 'foundations', 'setting_out', 'handover'], array_column((array) $view->json('stages'), 'key'));
        self::assertSame('1 stop', $view->json('stages.1.state'));
        self::assertSame(['B1', '10\' 0"', '7\' 0"'], [$view->json('table.posts.1.id'), $view->json('table.posts.1.cut'), $view->json('table.posts.1.depth')]);
        self::assertSame('187.0°', $view->json('table.bearings.faces_compass'));
        self::assertCount(8, (array) $view->json('table.winds'));
        $beside = $this->getJson("/jobs/{$this->job->id}/table/beside")->assertOk();
        self::assertSame(['34°', '12 in', "7' 0\""], [$beside->json('sun.choices.1.tilts'), $beside->json('ways.2.hole'), $beside->json('ways.2.depth')]);
        self::assertSame([21, 1], [count((array) $beside->json('ways')), count(array_filter((array) $beside->json('ways'), static fn (mixed $way): bool => data_get($way, 'is_here') === true))]);
        self::assertSame([[180, 35], 'Of all ways the best fixed one is 35° facing 180° true; this table keeps 99.7 % of it.'], [$beside->json('sun.every_way.best'), $beside->json('sun.every_way.says')]);
        self::assertSame([[], null], [$this->getJson("/jobs/{$this->job->id}/table/beside?what=sun")->json('ways'), $this->getJson("/jobs/{$this->job->id}/table/beside?what=ways")->json('sun')]);
        self::assertSame('B', $view->json('table.drawn.column'), 'drawn where most is asked');
        self::assertEqualsWithDelta($plan->posts[0]->depth_m, (float) (is_numeric($depth = $view->json('table.drawn.uprights.0.depth_m')) ? $depth : 0), 1e-9);
        $row = data_get($this->get('/jobs')->assertOk()->viewData('page'), 'props.jobs.0');
        self::assertSame([8, 8, 'posts'], [data_get($row, 'modules'), data_get($row, 'attachments'), data_get($row, 'held_by')]);
        self::assertSame(8, substr_count(is_string($drawn = data_get($row, 'drawing.modules')) ? $drawn : '', 'M'));
        $this->get("/jobs/{$this->job->id}")->assertRedirect("/jobs/{$this->job->id}/stage/field");
        $this->get("/jobs/{$this->job->id}/stage/rails")->assertRedirect("/jobs/{$this->job->id}/stage/site");
        $this->get("/jobs/{$this->job->id}/stage/foundations")->assertOk();
        $this->getJson("/jobs/{$this->job->id}/because?path=posts/B1/sideways")->assertOk()->assertJsonPath('title', 'Post B1 pushed sideways in the ground');
        $this->getJson("/jobs/{$this->job->id}/because?path=posts/Z1/sideways")->assertStatus(404);
        // Fewer under another overhang, which one click takes; where no overhang does with fewer, none.
        self::assertSame([], $this->getJson("/jobs/{$this->job->id}/table/beside?what=fewest")->assertOk()->json('ways'));
        $harrow = $this->exampleJob($this->user, 'harrow-end');
        $fewest = $this->getJson("/jobs/{$harrow->id}/table/beside?what=fewest&surface=piles")->assertOk();
        self::assertSame([6, '25 in', false, ['/table/racking/posts', '/table/footing/hole_m', '/table/racking/end_overhang_m']], [$fewest->json('ways.0.posts'), $fewest->json('ways.0.overhang'), $fewest->json('ways.0.is_here'), array_column((array) $fewest->json('ways.0.edits'), 'path')]);
        $this->getJson('/jobs/'.$this->exampleJob($this->user)->id.'/table/beside')->assertStatus(404);
        $this->getJson('/jobs/'.$this->exampleJob($this->user)->id.'/table/kinds')->assertStatus(404);
        $kinds = $this->getJson("/jobs/{$this->job->id}/table/kinds")->assertOk();
        self::assertSame([8, 'steel-pipe table', true, 8, "7' 0\""], [count((array) $kinds->json()), $kinds->json('0.kind'), $kinds->json('0.is_here'), $kinds->json('0.posts'), $kinds->json('0.depth')]);
        self::assertStringContainsString('pull tests', is_string($against = $kinds->json('2.against')) ? $against : '');
        $edits = $kinds->json('1.edits');
        self::assertSame([['path' => '/table/racking/kind', 'typed' => 'timber_table'], ['path' => '/table/racking/posts', 'typed' => '2']], $edits);
        self::assertSame($kinds->json('1.posts'), $this->save($edits)->assertOk()->json('summary.attachments'));
        $this->postJson("/jobs/{$this->job->id}/fill", ['base' => $this->job->current()->id, 'edits' => []])->assertStatus(404);
        $this->getJson("/jobs/{$this->job->id}/hazards?place=Tarn")->assertOk();
    }

    public function test_what_would_make_a_table_hold_is_entered_as_it_is_told(): void
    {
        $ways = fn (): array => (array) $this->getJson("/jobs/{$this->job->id}/table/beside?what=ways")->assertOk()->json();
        self::assertSame([], $ways()['cures']);
        $this->save([['path' => '/table/racking/front_height_m', 'typed' => '8 ft']])->assertOk();
        $cures = (array) $ways()['cures'];
        self::assertSame(['/table/racking/front_height_m'], [data_get($cures, '0.edits.0.path')]);
        self::assertStringContainsString('it holds', is_string($says = data_get($cures, '0.says')) ? $says : '');
        $this->save([['path' => '/table/racking/front_height_m', 'typed' => data_get($cures, '0.edits.0.typed')]])->assertOk();
        self::assertSame([], $ways()['cures']);
    }

    public function test_the_weather_of_the_crews_days_is_simulated_and_enters_beside_what_is_typed(): void
    {
        $this->getJson("/jobs/{$this->job->id}/table/weather")->assertStatus(422)->assertJsonPath('faults.0.path', '/table/crew/from');
        $typed = [['on' => '2026-06-01', 'rain' => true, 'gust_m_per_s' => 4.0], ['on' => '2026-06-10', 'rain' => true, 'gust_m_per_s' => 39.0], ['on' => null, 'rain' => true, 'gust_m_per_s' => 0.0]];
        $this->save([['path' => '/table/crew', 'add' => true], ['path' => '/table/crew/from', 'typed' => '2026-06-08'], ['path' => '/table/crew/forecast', 'value' => $typed]])->assertOk();
        $told = $this->getJson("/jobs/{$this->job->id}/table/weather")->assertOk();
        $told->assertJsonPath('source', 'simulated weather service with invented days');
        self::assertSame(array_map(static fn (int $day): string => sprintf('2026-06-%02d', $day), range(8, 21)), array_column((array) $told->json('days'), 'on'));
        self::assertSame([4, 10], [count(array_filter(array_column((array) $told->json('days'), 'rain'))), count(array_filter(array_column((array) $told->json('days'), 'rain'), static fn (mixed $one): bool => $one === false))]);
        $told->assertJsonPath('days.0', ['on' => '2026-06-08', 'rain' => false, 'gust' => '15 mph']);
        // The same when it is asked again; what was typed of a day before them stays.
        self::assertSame($told->json(), $this->getJson("/jobs/{$this->job->id}/table/weather")->json());
        self::assertSame(['2026-06-01', ...array_column((array) $told->json('days'), 'on')], array_column((array) $told->json('forecast'), 'on'));
        $this->save([['path' => '/table/crew/forecast', 'value' => $told->json('forecast')]])->assertOk();
        self::assertCount(15, $this->job->refresh()->current()->document()->table('table-1')->table->crew->forecast ?? []);
    }

    public function test_edits_are_looked_at_saved_refused_and_undone(): void
    {
        $base = $this->job->current()->id;
        $look = ['base' => $base, 'edits' => [['path' => '/table/racking/posts', 'typed' => '3']], 'sequence' => 4];
        $this->postJson("/jobs/{$this->job->id}/preview", $look)->assertOk()->assertJsonPath('sequence', 4)->assertJsonPath('summary.attachments', 6);
        self::assertSame(1, $this->job->designs()->count());
        $this->postJson("/jobs/{$this->job->id}/because", $look + ['path' => 'posts/B1/bend'])->assertOk()->assertJsonPath('standing.tone', 'fails');
        $this->save([['path' => '/table/footing/hole_m', 'typed' => '16 in'], ['path' => '/module/mass_kg', 'typed' => '44 lb']])->assertOk()->assertJsonPath('table.drawn.uprights.0.depth', '72 in');
        self::assertStringContainsString('Hole: 12 in → 16 in', $this->job->current()->change);
        self::assertSame('16 in', $this->job->current()->document()->asTyped['/tables/table-1/footing/hole_m'] ?? null);
        foreach ([
            [['path' => '/table/footing/hole_m', 'typed' => 'wide'], '/table/footing/hole_m'], [['path' => '/table/racking/posts', 'typed' => '1'], '/table/racking/posts'],
            [['path' => '/table/soil/kind', 'typed' => 'cheese'], '/table/soil/kind'], [['path' => '/table/tilt_rad', 'typed' => '95 deg'], '/table/tilt_rad'], [['path' => '/surface/width_m', 'typed' => '9 m'], '/surface/width_m'],
            [['path' => '/table/services/ticket', 'typed' => 'T'], '/table/services/by'], [['move' => ['x_m' => 1, 'y_m' => 1]], ''], [['plane' => 'mirror'], ''], [['path' => '/table/module', 'typed' => 'module-9'], '/table/module'],
        ] as [$edit, $at]) {
            $this->save([$edit])->assertStatus(422)->assertJsonPath('faults.0.path', $at);
        }
        self::assertSame(2, $this->job->designs()->count());
        // Saved onto the older one by a colleague: a side design, put onto the newest whole or edit by edit.
        $this->actingAs($this->colleague($this->user))->withSession(['password_given_at' => time()]);
        $side = $this->save([['path' => '/table/tilt_rad', 'typed' => '25 deg']], $base)->assertStatus(409)->json('design.id');
        self::assertIsInt($side);
        $this->postJson("/jobs/{$this->job->id}/designs/$side/onto", ['base' => $this->job->current()->id])->assertOk();
        $now = $this->job->current()->document()->table('table-1');
        self::assertEqualsWithDelta([25.0, 16.0], [$now->table->tilt->toDegrees(), $now->table->footing->hole->toInches()], 1e-6);
        $this->postJson("/jobs/{$this->job->id}/designs/undo", ['base' => $this->job->current()->id])->assertOk()->assertJsonPath('table.drawn.text.tilt', '30.0°');
        $compared = $this->getJson("/jobs/{$this->job->id}/compare?one=$base&two=$side")->assertOk();
        self::assertContains(['label' => 'Posts', 'before' => '8', 'after' => '8'], (array) $compared->json('results'));
        self::assertSame(['Tilt'], array_column((array) $compared->json('inputs'), 'label'));
    }

    public function test_a_confirmed_table_is_issued_with_its_papers_and_lists(): void
    {
        $this->services();
        $post = fn (string $purpose): TestResponse => $this->postJson("/jobs/{$this->job->id}/issued", ['base' => $this->job->current()->id, 'note' => '', 'purpose' => $purpose, 'surfaces' => null]);
        self::assertStringContainsString('recalled values are not confirmed', is_string($open = $post('construction')->assertStatus(422)->json('message')) ? $open : '');
        $view = $this->getJson("/jobs/{$this->job->id}/view");
        $subjects = array_map(static fn (mixed $used): array => ['subject' => 'coefficient/'.(is_string($id = data_get($used, 'id')) ? $id : ''), 'value' => data_get($used, 'text')], (array) $view->json('coefficients'));
        self::assertGreaterThan(40, count($subjects));
        $this->postJson("/jobs/{$this->job->id}/confirmations", ['base' => $this->job->current()->id, 'subjects' => $subjects, 'name' => 'E. Sorrel', 'reason' => 'own copies', 'password' => 'a-long-password'])
            ->assertOk()->assertJsonPath('status', 'confirmed')->assertJsonPath('stages.6.state', 'holds');
        $post('construction')->assertOk();
        $issued = IssuedPlan::query()->firstOrFail();
        self::assertStringContainsString('"cut_m"', $issued->bytes);
        self::assertSame([], $issued->leftOut());
        $page = $this->get("/jobs/{$this->job->id}/print/crew")->assertOk()->viewData('page');
        self::assertSame([[], 'Table 1'], [data_get($page, 'props.views'), data_get($page, 'props.tables.0.table.name')]);
        self::assertGreaterThan(10, count((array) data_get($page, 'props.tables.0.becauses')));
        self::assertStringContainsString('B1,"3\' 7 7/16""","3\' 1 ½""","7\' 0""","10\' 0"""', $this->get("/jobs/{$this->job->id}/export/posts.csv")->assertOk()->content() ?: '');
        self::assertStringContainsString('concrete,"80 lb bags",78,', $this->get("/jobs/{$this->job->id}/export/materials.csv")->assertOk()->content() ?: '');
        self::assertStringContainsString('posts/B1/bend', str_replace('\/', '/', $this->get("/jobs/{$this->job->id}/archive.json")->assertOk()->content() ?: ''));
        // Of trays no hole is told, but their blocks.
        $meadow = $this->get('/jobs/'.$this->exampleJob($this->user, 'sallow-meadow')->id.'/export/posts.csv')->assertOk()->content() ?: '';
        self::assertMatchesRegularExpression('/^"Row on blocks",B1,[^,]+,,,,,1\.0\d+,,,,12\r?$/m', $meadow);
        self::assertMatchesRegularExpression('/^"Row on screws",A1,.*,1\.8288,,\r?$/m', $meadow);
        // Confirmed once, the values are offered to the next table.
        $next = $this->exampleJob($this->user, 'fallow-field');
        $this->getJson("/jobs/{$next->id}/view")->assertJsonPath('confirmed_offers.count', count($subjects));
        $this->postJson("/jobs/{$next->id}/confirmations/take", ['base' => $next->current()->id, 'edits' => [], 'password' => 'a-long-password'])->assertOk()->assertJsonPath('summary.unconfirmed', 0);
    }

    public function test_another_standard_asks_for_what_it_needs_and_takes_it_from_an_own_copy(): void
    {
        $view = fn (): array => (array) $this->getJson("/jobs/{$this->job->id}/view")->json();
        $stops = static fn (array $view, string $word): int => count(array_filter((array) data_get($view, 'findings.*.text'), static fn (mixed $text): bool => is_string($text) && str_contains($text, $word)));
        self::assertSame(['Wind, at strength level', 8], [data_get($view(), 'table.winds_at'), count((array) data_get($view(), 'table.winds'))]);
        $this->save([['path' => '/site/standard', 'typed' => 'en-1991'], ['path' => '/site/ground_snow_kind', 'typed' => 'characteristic'], ['path' => '/site/en', 'add' => true]])->assertOk();
        self::assertSame([1, [1, 0, 0]], [$stops($view(), 'basic wind velocity'), array_map(static fn (string $part): mixed => data_get($view(), ['lists', $part]), ['/site/en', '/site/as_nzs', '/site/hill'])]);
        $this->save([['path' => '/site/en/basic_velocity_m_per_s', 'typed' => '22 m/s']])->assertOk();
        self::assertSame(['Wind, characteristic', 6], [data_get($view(), 'table.winds_at'), count((array) data_get($view(), 'table.winds'))]);
        $this->save([['path' => '/site/standard', 'typed' => 'as-nzs-1170-2011'], ['path' => '/site/ground_snow_Pa', 'typed' => '0'], ['path' => '/site/as_nzs', 'add' => true], ['path' => '/site/as_nzs/region', 'typed' => 'A2']])->assertOk();
        $missing = array_column((array) data_get($view(), 'own_missing'), 'id');
        self::assertCount(18, $missing);
        $this->postJson("/jobs/{$this->job->id}/own-copies", [
            'base' => $this->job->current()->id, 'coefficient' => $missing[0], 'value' => '30', 'document' => 'AS/NZS 1170.2:2011', 'clause' => 'D', 'name' => 'E. Sorrel', 'password' => 'a-long-password',
        ])->assertOk();
        self::assertSame(array_slice($missing, 1), array_column((array) data_get($view(), 'own_missing'), 'id'));
    }

    /** What is kept of tables that are not in view is what planning them anew tells, wherever they are moved. */
    public function test_tables_beside_are_known_as_if_they_were_planned_anew(): void
    {
        config(['cache.stores.array.serialize' => true]);
        $project = $this->exampleJob($this->user, 'sallow-meadow')->current()->document();
        $over = JobEdits::apply($project, [['on' => 'row', 'path' => '/table/place/east_m', 'value' => 4.5], ['on' => 'blocks', 'path' => '/table/place/east_m', 'value' => 4.0], ['on' => 'blocks', 'path' => '/table/place/north_m', 'value' => 4.0]], 'row');
        $signed = JobEdits::apply($over, [['on' => 'row', 'path' => '/table/racking/row_holds/head_up_N', 'value' => null]], 'row');
        $told = static fn (TablePlan $plan): array => [
            $plan->moduleCount(), $plan->status(), $plan->leastReserve(), $plan->inField()?->posts, count($plan->unconfirmed()),
            array_map(static fn (Finding $finding): array => [$finding->code->value, $finding->at, $finding->values], $plan->findings),
        ];
        foreach ([$project, $project, $over, $over, $signed] as $one) {
            $anew = array_map($told, TablesBeside::all($one, Depth::Checks));
            foreach (['row', 'blocks'] as $id) {
                self::assertEquals($anew, array_map($told, TablesKnown::around($one, $id)));
            }
        }
        self::assertStringContainsString('tables_overlap', json_encode($told(TablesKnown::around($over, 'row')['blocks']), JSON_THROW_ON_ERROR));
        self::assertStringContainsString('table_hold_missing', json_encode($told(TablesKnown::around($signed, 'blocks')['row']), JSON_THROW_ON_ERROR));
        // The one beside is not planned again: it is known without its figures.
        self::assertSame([], TablesKnown::around($over, 'row')['blocks']->figures->all());
    }

    public function test_the_days_of_the_crew_are_shown_and_go_into_a_calendar(): void
    {
        self::assertNull($this->getJson("/jobs/{$this->job->id}/view")->json('table.days'));
        $this->save([
            ['path' => '/name', 'typed' => 'Fallow Field, east; the long, sloping one beyond the Öhrchen brook'], ['path' => '/table/crew', 'add' => true],
            ['path' => '/table/crew/from', 'typed' => '2026-06-05'], ['path' => '/table/crew/people', 'typed' => '2'],
        ])->assertOk();
        $view = $this->getJson("/jobs/{$this->job->id}/view");
        $on = array_column((array) $view->json('table.days.days'), 'on');
        // Friday, and Monday for the posts that Friday had no time for; their concrete hardens until the next day of work.
        self::assertSame(['2026-06-05', ['Fri 2026-06-05', 'Mon 2026-06-08', 'Mon 2026-06-22'], ['stakes', 'squared', 'holes, posts, pour']], [$view->json('table.days.from'), $on, array_slice(array_column((array) $view->json('table.days.rows'), 'name'), 0, 3)]);
        self::assertEquals([['name' => 'concrete hardens, 14 days', 'from' => '2026-06-08', 'until' => '2026-06-22']], $view->json('table.days.waits'));
        $file = $this->get("/jobs/{$this->job->id}/export/days.ics")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
        $lines = explode("\r\n", (string) $file);
        self::assertSame('', array_pop($lines));
        foreach ($lines as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
            self::assertTrue(mb_check_encoding($line, 'UTF-8') && !str_contains($line, "\n"));
        }
        // Unfolded as RFC 5545 has it.
        $whole = explode("\r\n", str_replace("\r\n ", '', implode("\r\n", $lines)));
        self::assertSame(['BEGIN:VCALENDAR', 'VERSION:2.0', 'END:VCALENDAR'], [$whole[0], $whole[1], end($whole)]);
        $of = static function (string $name) use (&$whole): array {
            return array_values(array_map(static fn (string $line): string => substr($line, strlen($name) + 1), array_filter($whole, static fn (string $line): bool => str_starts_with($line, $name))));
        };
        self::assertSame(array_map(static fn (string $day): string => 'VALUE=DATE:'.str_replace('-', '', substr($day, -10)), $on), $of('DTSTART'));
        self::assertSame(['VALUE=DATE:20260606', 'VALUE=DATE:20260609'], array_slice($of('DTEND'), 0, 2));
        self::assertCount(count($on), array_unique($of('UID')));
        self::assertStringStartsWith('Fallow Field\, east\; the long\, sloping one beyond the Öhrchen brook\, ', $of('SUMMARY')[0]);
        self::assertStringContainsString('stakes\, 8 of 8\; squared by the diagonals', $of('SUMMARY')[0]);
        // Tilted by season: a day of every year.
        $this->save([['path' => '/table/seasons', 'add' => true]])->assertOk();
        $whole = explode("\r\n", str_replace("\r\n ", '', (string) $this->get("/jobs/{$this->job->id}/export/days.ics")->assertOk()->getContent()));
        self::assertSame(['VALUE=DATE:'.now()->year.'0415', 1], [$of('DTSTART')[0], count($of('RRULE'))]);
        self::assertStringContainsString('Each year\, from April 15 on: tilt it to 15.00°\, the rear beam', $of('SUMMARY')[0]);
    }

    public function test_levels_of_the_ground_come_out_of_a_file(): void
    {
        $ask = fn (string $text): TestResponse => $this->postJson("/jobs/{$this->job->id}/table/levels", ['base' => $this->job->current()->id, 'edits' => [], 'text' => $text]);
        $grid = "east_ft,north_ft,level_in\n-40,-40,0\n60,-40,10\n-40,60,10\n60,60,20";
        $ask($grid)->assertStatus(422)->assertJsonPath('faults.0.found', 'none: enter where its first stake stands');
        $this->save([['path' => '/table/place', 'add' => true], ['path' => '/table/ground/levels', 'value' => []]])->assertOk();
        $told = $ask($grid)->assertOk();
        self::assertSame('0 in', $told->json('levels.0.front'));
        // A tenth of an inch for each foot east, and each foot north.
        $this->save([['path' => '/table/ground/levels', 'value' => $told->json('edits.0.value')]])->assertOk();
        $plan = TablePlanner::plan($this->job->refresh()->current()->document()->table('table-1'));
        $posts = $plan->inField()->posts ?? [];
        foreach ($plan->stand->places ?? [] as $place) {
            self::assertEqualsWithDelta((array_sum($posts[$place->id]) - array_sum($posts['A1'])) / 0.3048 * 0.1 * 0.0254, $place->ground_m, 1e-4);
        }
        $view = $this->getJson("/jobs/{$this->job->id}/view");
        self::assertSame(['A1', '0\' 0"', '0\' 0"', '20 ft'], [$view->json('table.field.stakes.0.post'), $view->json('table.field.stakes.0.east'), $view->json('table.field.stakes.0.north'), $view->json('table.field.bar.text')]);
        $ask("east_ft,north_ft,level_in\n0,0,0\n1,0,0\n0,1,0\n1,1,0")->assertStatus(422)->assertJsonPath('faults.0.expected', 'levels that reach every post');
        $ask('')->assertStatus(422);
        $this->postJson("/jobs/{$this->exampleJob($this->user)->id}/table/levels", ['base' => 1, 'edits' => [], 'text' => $grid])->assertStatus(404);
    }

    public function test_a_new_job_on_the_ground_asks_for_what_nobody_entered(): void
    {
        $this->post('/jobs', ['name' => 'Hay Meadow', 'units' => 'mm', 'where' => 'ground'])->assertRedirect();
        $job = Job::query()->orderByDesc('id')->firstOrFail();
        $view = $this->getJson("/jobs/{$job->id}/view")->assertOk();
        self::assertSame(['Hay Meadow', 'mm', 'refused'], [data_get($view->json('fields'), ['/name', 'text']), $view->json('units'), $view->json('summary.word')]);
        self::assertGreaterThan(30, $view->json('summary.to_enter'));
        self::assertContains('soil_without_values', array_column((array) $view->json('findings'), 'code'));
        $this->post('/jobs', ['name' => 'Nowhere', 'units' => 'mm', 'where' => 'sea'])->assertSessionHasErrors('where');
        // What was typed or said to stand is the example's no longer.
        $left = static fn (TestResponse $view): int => is_int($count = $view->json('summary.to_enter')) ? $count : 0;
        $after = $this->postJson("/jobs/{$job->id}/designs", ['base' => $job->current()->id, 'edits' => [['path' => '/table/rows', 'stands' => true], ['path' => '/table/columns', 'typed' => '6']]])->assertOk();
        self::assertSame($left($view) - 2, $left($after));
        // The same document from a file keeps nothing that was signed.
        $file = (string) file_get_contents(base_path('docs/examples/fallow-field.json'));
        $this->post('/jobs', ['name' => 'From a file', 'units' => 'ft_in', 'document' => $file])->assertRedirect();
        self::assertSame('From a file', Job::query()->orderByDesc('id')->firstOrFail()->current()->document()->name);
    }

    public function test_a_new_job_begins_on_the_kind_of_table_that_was_answered(): void
    {
        foreach (array_keys(Racking::KINDS) as $kind) {
            $this->post('/jobs', ['name' => "On $kind", 'units' => 'mm', 'where' => 'ground', 'table' => $kind])->assertRedirect();
            $design = Job::query()->where('name', "On $kind")->firstOrFail()->current()->document()->table('table-1');
            self::assertSame($kind, Kinds::nameOf($design->table->racking::class));
            // Its sizes are an example's, and what nobody proved is asked for before anything else.
            $codes = array_map(static fn (Finding $one): string => $one->code->value, TablePlanner::plan($design)->findings);
            self::assertContains('examples_left', $codes);
            self::assertSame([], array_intersect(['too_wide_for_one', 'frames_one_row', 'frame_gap_differs', 'pipes_off_table', 'piles_off_row', 'purlins_meet', 'trays_meet', 'post_under_ground'], $codes));
        }
        $this->post('/jobs', ['name' => 'On air', 'units' => 'mm', 'where' => 'ground', 'table' => 'balloon'])->assertSessionHasErrors('table');
    }

    public function test_a_table_stands_beside_a_roof(): void
    {
        $both = $this->both();
        $view = $this->getJson("/jobs/{$both->id}/view")->assertOk();
        self::assertSame([['plane-1', false], ['table-1', true]], array_map(static fn (mixed $one): array => [data_get($one, 'id'), data_get($one, 'is_table')], (array) $view->json('surfaces')));
        self::assertSame('plane-1', $view->json('surface'));
        $this->getJson("/jobs/{$both->id}/view?surface=table-1")->assertOk()->assertJsonPath('surface', 'table-1')->assertJsonPath('summary.attachments', 8);
        $this->get("/jobs/{$both->id}/stage/rails?surface=table-1")->assertRedirect("/jobs/{$both->id}/stage/site?surface=table-1");
        $saved = $this->postJson("/jobs/{$both->id}/designs?surface=table-1", ['base' => $both->current()->id, 'edits' => [['path' => '/table/racking/posts', 'typed' => '5']]])->assertOk();
        self::assertSame([10, 19], [$saved->json('summary.attachments'), $saved->json('surfaces.0.modules')]);
        $row = data_get($this->get('/jobs')->viewData('page'), 'props.jobs.0');
        self::assertSame([27, 'feet and posts'], [data_get($row, 'modules'), data_get($row, 'held_by')]);
        $issue = ['base' => $both->current()->id, 'note' => '', 'purpose' => 'review', 'surfaces' => ['table-1']];
        $this->postJson("/jobs/{$both->id}/issued", $issue)->assertOk()->assertJsonPath('issued.0.left_out', ['Roof']);
    }

    /** The shipped roof and the shipped table in one job. */
    private function both(): Job
    {
        $read = static fn (string $name): array => (array) json_decode((string) file_get_contents(base_path("docs/examples/$name.json")), false);
        [$roof, $field] = [$read('quince-lane'), $read('fallow-field')];
        $roof['tables'] = (object) array_map(static fn (object $table): object => (object) (['module' => 'module-9'] + (array) $table), (array) $field['tables']);
        $roof['modules'] = (object) ((array) $roof['modules'] + ['module-9' => ((array) $field['modules'])['module-1']]);

        return app(\App\Actions\Jobs\StartJob::class)->handle($this->user->company ?? throw new \LogicException('A user has a company.'), $this->user, DesignFile::read(json_encode($roof, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)));
    }
}
