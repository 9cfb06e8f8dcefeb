<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Plans\IssuePlan;
use App\Models\Role;
use App\Models\User;
use App\Policies\Permissions;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Who gets in, and that another company's job does not exist. */
final class AccessTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_right_password_opens_the_jobs_and_a_wrong_one_does_not(): void
    {
        $user = $this->planner();
        $this->post('/login', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors('email');
        $this->assertGuest();
        $this->post('/login', ['email' => strtoupper($user->email), 'password' => 'a-long-password'])->assertRedirect('/jobs');
        $this->assertAuthenticatedAs($user);
        $this->post('/logout')->assertRedirect('/login');
        $this->assertGuest();
    }

    public function test_guessing_passwords_is_slowed_down(): void
    {
        for ($try = 0; $try < 20; ++$try) {
            $this->post('/login', ['email' => 'nobody@example.test', 'password' => "guess $try"]);
        }
        $this->post('/login', ['email' => 'nobody@example.test', 'password' => 'one more'])->assertStatus(429);
        // From many addresses at one account.
        for ($try = 0; $try < 10; ++$try) {
            $this->withServerVariables(['REMOTE_ADDR' => "10.0.0.$try"])->post('/login', ['email' => 'Somebody@example.test', 'password' => "guess $try"])->assertSessionHasErrors('email');
        }
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.99'])->post('/login', ['email' => 'somebody@example.test', 'password' => 'one more'])->assertStatus(429);
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.99'])->post('/login', ['email' => 'other@example.test', 'password' => 'one more'])->assertSessionHasErrors('email');
    }

    /** @return array<string, array{string, string, string}> Method, path after the job, and the permission it wants */
    public static function routes(): array
    {
        return [
            'the job' => ['get', '', 'view'], 'a stage' => ['get', '/stage/site', 'view'], 'crew sheets' => ['get', '/print/crew', 'view'], 'the calculation' => ['get', '/print/calculation', 'view'], 'the view' => ['get', '/view', 'view'],
            'a because' => ['get', '/because?path=loads/qh', 'view'], 'the plan' => ['get', '/export/plan.json', 'view'], 'the design' => ['get', '/export/design.json', 'view'],
            'materials' => ['get', '/export/materials.csv', 'view'], 'the cutting list' => ['get', '/export/cutting.csv', 'view'], 'feet' => ['get', '/export/feet.csv', 'view'], 'holes' => ['get', '/export/holes.csv', 'view'], 'the drawing' => ['get', '/export/sheets.dxf', 'view'],
            'the designs' => ['get', '/designs', 'view'], 'comparing' => ['get', '/compare?one=BASE&two=BASE', 'view'],
            'beside itself' => ['post', '/beside', 'view'], 'a what-if' => ['post', '/because', 'view'], 'filling a plane' => ['post', '/fill', 'update'], 'other schools' => ['post', '/schools', 'update'], 'looking through the catalogue' => ['post', '/catalogue/rail', 'update'], 'keeping a rail' => ['post', '/catalogue/rail/keep', 'update'], 'taking a rail' => ['post', '/catalogue/rail/-6', 'update'],
            'saving' => ['post', '/designs', 'update'], 'a preview' => ['post', '/preview', 'update'], 'undoing' => ['post', '/designs/undo', 'update'],
            'redoing' => ['post', '/designs/redo', 'update'], 'an earlier one' => ['post', '/designs/BASE/again', 'update'], 'a side design' => ['post', '/designs/BASE/onto', 'update'],
            'hazards by place' => ['get', '/hazards?place=x', 'view'], 'weather' => ['get', '/table/weather', 'view'], 'the issued plans' => ['get', '/issued', 'view'], 'an issued plan' => ['get', '/issued/ISSUED/plan.json', 'view'], 'issuing' => ['post', '/issued', 'issue'],
            'what else would stand' => ['get', '/table/beside', 'view'], 'other kinds of table' => ['get', '/table/kinds', 'view'], 'levels from a file' => ['post', '/table/levels', 'update'], 'a paper again' => ['post', '/issued/ISSUED/paper', 'issue'], 'the archive' => ['get', '/archive.json', 'archive'],
            'an own copy' => ['post', '/own-copies', 'sign'], 'taking the company’s' => ['post', '/own-copies/take', 'update'],
            'signing' => ['post', '/confirmations', 'sign'], 'taking over signatures' => ['post', '/confirmations/take', 'sign'],
        ];
    }

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
    }

    #[DataProvider('routes')]
    public function test_a_job_of_another_company_answers_404_guests_must_log_in_and_roles_decide(string $method, string $path, string $permission): void
    {
        $planner = $this->planner();
        $job = $this->exampleJob($planner, str_starts_with($path, '/table/') ? 'fallow-field' : 'quince-lane');
        $url = "/jobs/{$job->id}".str_replace(['BASE', 'ISSUED'], [(string) $job->current()->id, str_contains($path, 'ISSUED') ? (string) app(IssuePlan::class)->handle($job, $job->current(), $planner, '')->id : ''], $path);
        $body = ['base' => $job->current()->id, 'edits' => [], 'path' => 'loads/qh'];
        $this->json($method, $url)->assertUnauthorized();
        $this->actingAs($this->planner('Beech Solar'))->json($method, $url, $body)->assertNotFound();
        foreach (Role::cases() as $role) {
            $status = $this->actingAs($this->member($planner, $role))->json($method, $url, $body)->getStatusCode();
            if (Permissions::allow($role, $permission)) {
                self::assertNotContains($status, [401, 403, 404, 500], "{$role->value} gets $status");
            } else {
                self::assertSame(403, $status, "{$role->value} gets $status");
            }
        }
    }

    private function member(User $of, Role $role): User
    {
        return $of->company?->users()->create(['name' => ucfirst($role->value), 'email' => "{$role->value}{$of->id}@example.test", 'password' => 'a-long-password', 'role' => $role])
            ?? throw new \LogicException('A user has a company.');
    }

    public function test_every_route_of_a_job_is_in_this_test(): void
    {
        $known = array_map(static fn (array $route): string => $route[0].' '.str_replace(['BASE', 'ISSUED'], ['{design}', '{issuedPlan}'], explode('?', $route[1])[0]), self::routes());
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'jobs/{job}')) {
                $path = strtolower($route->methods()[0]).' '.substr($route->uri(), strlen('jobs/{job}'));
                $pattern = '~^'.str_replace(['\{stage\}', '\{file\}', '\{kind\}', '\{part\}', '\{item\}'], ['\w+', '[\w.]+', '\w+', '\w+', '-?\d+'], preg_quote($path, '~')).'$~';
                self::assertNotSame([], preg_grep($pattern, $known), $path);
            }
        }
    }

    /** Outside of jobs: who gets what, as a guest, as crew, as a planner of another company; null where that is tested by itself. */
    private const OUTSIDE = [
        'get /' => [302, 302, 302], 'get login' => [200, 302, 302], 'post login' => null, 'post demo' => null, 'post logout' => [302, 302, 302], 'get up' => [200, 200, 200], 'get ready' => [200, 200, 200],
        'get forgot-password' => [200, 302, 302], 'post forgot-password' => null, 'get reset-password/{token}' => [200, 302, 302], 'post reset-password/{token}' => null, 'get invitation/{token}' => [200, 302, 302], 'post invitation/{token}' => null,
        'get jobs' => [302, 200, 200], 'get jobs/new' => [302, 403, 200], 'post jobs' => [302, 403, 302], 'get company' => [302, 200, 200], 'get company/catalogue.json' => [302, 200, 200], 'get company/catalogue.csv' => [302, 200, 200], 'post company/catalogue' => [302, 403, 302], 'post company/leave' => null, 'put company/rates' => [302, 403, 302], 'post company/sessions/end' => [302, 302, 302],
        'post company/invitations' => [302, 403, 302], 'delete company/invitations/{invitation}' => [302, 403, 404], 'patch company/members/{member}' => [302, 403, 404], 'get issued/{issuedPlan}/paper/{kind}' => [403, 403, 403],
    ];

    public function test_every_other_route_is_expected_here_and_answers_so(): void
    {
        $planner = $this->planner();
        $issued = app(IssuePlan::class)->handle($job = $this->exampleJob($planner), $job->current(), $planner, '');
        $invitation = DB::table('invitations')->insertGetId(['company_id' => $planner->company_id, 'invited_by' => $planner->id, 'role' => 'crew', 'token_hash' => 'x', 'expires_at' => now()->addDay(), 'created_at' => now()]);
        $people = [null, $this->member($planner, Role::Crew), $this->planner('Beech Solar')];
        $found = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'jobs/{job}')) {
                continue;
            }
            $found[] = $name = strtolower($route->methods()[0]).' '.$route->uri();
            self::assertArrayHasKey($name, self::OUTSIDE, 'a route that nobody expects');
            $url = strtr($route->uri(), ['{token}' => 'abcdefghij', '{issuedPlan}' => $issued->id, '{kind}' => 'crew', '{invitation}' => $invitation, '{member}' => $planner->id]);
            foreach (self::OUTSIDE[$name] === null ? [] : $people as $who => $person) {
                $this->flushSession();
                $person === null ? Auth::logout() : $this->actingAs($person);
                $status = $this->call($route->methods()[0], "/$url", $name === 'post jobs' ? ['name' => 'X', 'units' => 'mm', 'document' => ''] : ['role' => 'crew'])->getStatusCode();
                self::assertSame(self::OUTSIDE[$name][$who] ?? 0, $status, "$name as number $who");
            }
        }
        self::assertSame([], array_diff(array_keys(self::OUTSIDE), $found), 'expected, and not there');
        self::assertSame(1, DB::table('invitations')->where('id', $invitation)->count());
    }

    public function test_roles_decide_about_the_company_too(): void
    {
        $planner = $this->planner();
        foreach ([[Role::Crew, 403], [Role::Reviewer, 403], [Role::Planner, 302]] as [$role, $status]) {
            $this->actingAs($this->member($planner, $role));
            $this->get('/company')->assertOk();
            $this->post('/company/invitations', ['role' => 'crew'])->assertStatus($status);
            $this->post('/jobs', ['name' => 'X', 'units' => 'mm', 'document' => ''])->assertStatus($status);
            $this->patch("/company/members/{$planner->id}", ['role' => 'planner'])->assertStatus($status);
        }
    }

    public function test_the_list_shows_the_own_company_only(): void
    {
        $mine = $this->planner();
        $this->exampleJob($mine);
        $this->exampleJob($this->planner('Beech Solar'));
        $this->actingAs($mine)->get('/jobs')->assertOk()->assertInertia(static fn ($page) => $page->component('Jobs')->has('jobs', 1)->where('jobs.0.modules', 19));
    }

    public function test_what_is_not_there_and_what_is_not_yours_read_the_same(): void
    {
        $mine = $this->planner();
        $theirs = $this->exampleJob($this->planner('Beech Solar'));
        $this->actingAs($mine);
        $missing = $this->getJson('/jobs/999999/view')->assertNotFound()->json();
        self::assertSame($missing, $this->getJson("/jobs/{$theirs->id}/view")->assertNotFound()->json());
        self::assertSame($missing, $this->getJson('/jobs/123456789012345678901234567890/view')->assertNotFound()->json());
        self::assertStringNotContainsString('Models', (string) json_encode($missing));
        $issued = app(IssuePlan::class)->handle($theirs, $theirs->current(), $mine, '');
        $this->post('/logout');
        foreach ([$issued->id, 999999] as $id) {
            $this->get("/issued/$id/paper/crew")->assertForbidden();
        }
    }

    public function test_no_input_of_another_shape_or_with_control_characters_gets_as_far_as_the_database(): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user);
        $this->actingAs($user);
        $this->getJson("/jobs/{$job->id}/compare?one[]=1&two=1")->assertStatus(422);
        $this->getJson("/jobs/{$job->id}/hazards?place=a%00b")->assertStatus(422)->assertJsonPath('faults.0.path', '/place');
        $this->postJson("/jobs/{$job->id}/issued", ['base' => $job->current()->id, 'note' => "for\0the crew", 'purpose' => 'review'])->assertStatus(422)->assertJsonPath('code', 'input_unreadable');
        $this->postJson("/jobs/{$job->id}/confirmations", ['base' => $job->current()->id, 'subjects' => [['subject' => 'structure', "val\1ue" => 'x']], 'name' => ['E. Sorrel'], 'reason' => 'x'])->assertStatus(422);
        $this->postJson("/jobs/{$job->id}/designs/undo", ['base' => ['x']])->assertStatus(422);
        $many = array_map(static fn (int $at): array => ['path' => "/surface/nothing-$at", 'typed' => 'x'], range(1, 200));
        $this->postJson("/jobs/{$job->id}/designs", ['base' => $job->current()->id, 'edits' => $many])->assertStatus(422)->assertJsonCount(200, 'faults');
        $penetrations = array_fill(0, 400, ['id' => 'x']);
        $this->postJson("/jobs/{$job->id}/designs", ['base' => $job->current()->id, 'edits' => [['path' => '/surface/penetrations', 'value' => $penetrations]]])->assertStatus(422)->assertJsonCount(200, 'faults');
        self::assertSame(1, $job->designs()->count());
    }

    public function test_no_page_allows_inline_script_or_frames(): void
    {
        $policy = (string) $this->get('/login')->assertOk()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringContainsString("style-src 'self';", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        foreach (['/nothing', '/up', '/ready', '/jobs'] as $path) {
            self::assertSame($policy, $this->get($path)->headers->get('Content-Security-Policy'), $path);
        }
        self::assertStringNotContainsString('http', (string) $this->get('/up')->content());
    }

    public function test_the_application_says_that_it_is_up(): void
    {
        $this->get('/up')->assertOk();
        $wait = static fn (string $queue): bool => DB::table('queue_jobs')->insert(['queue' => $queue, 'payload' => '{}', 'attempts' => 0, 'available_at' => time() - 1000, 'created_at' => time() - 1000]);
        $wait('ahead');
        $this->getJson('/ready')->assertOk()->assertJsonPath('checks.queue.says', 'nothing waits');
        $wait('default');
        $this->getJson('/ready')->assertStatus(503)->assertJsonPath('checks.queue.ok', false);
    }
}
