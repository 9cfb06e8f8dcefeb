<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
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
    }

    /** @return array<string, array{string, string}> */
    public static function routes(): array
    {
        return [
            'the job' => ['get', ''], 'a stage' => ['get', '/stage/site'], 'the print view' => ['get', '/print'], 'the view' => ['get', '/view'],
            'a because' => ['get', '/because?path=loads/qh'], 'the plan' => ['get', '/export/plan.json'], 'the design' => ['get', '/export/design.json'],
            'materials' => ['get', '/export/materials.csv'], 'the cutting list' => ['get', '/export/cutting.csv'],
            'saving' => ['post', '/designs'], 'a preview' => ['post', '/preview'], 'comparing' => ['get', '/compare'], 'the designs' => ['get', '/designs'], 'undoing' => ['post', '/designs/undo'], 'signing' => ['post', '/confirmations'],
        ];
    }

    #[DataProvider('routes')]
    public function test_a_job_of_another_company_answers_404_and_guests_must_log_in(string $method, string $path): void
    {
        $job = $this->exampleJob($this->planner());
        $url = "/jobs/{$job->id}$path";
        $this->json($method, $url)->assertUnauthorized();
        $this->actingAs($this->planner('Beech Solar'))->json($method, $url, ['base' => $job->current()->id, 'edits' => []])->assertNotFound();
    }

    public function test_every_route_of_a_job_is_in_this_test(): void
    {
        $known = array_unique(array_map(static fn (array $route): string => explode('/', explode('?', ltrim($route[1], '/'))[0])[0], self::routes()));
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'jobs/{job}')) {
                self::assertContains(explode('/', trim(substr($route->uri(), strlen('jobs/{job}')), '/'))[0], $known, $route->uri());
            }
        }
    }

    public function test_the_list_shows_the_own_company_only(): void
    {
        $mine = $this->planner();
        $this->exampleJob($mine);
        $this->exampleJob($this->planner('Beech Solar'));
        $this->actingAs($mine)->get('/jobs')->assertOk()->assertInertia(static fn ($page) => $page->component('Jobs')->has('jobs', 1)->where('jobs.0.modules', 19));
    }

    public function test_no_page_allows_inline_script_or_frames(): void
    {
        $policy = (string) $this->get('/login')->assertOk()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringContainsString("style-src 'self';", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
    }

    public function test_the_application_says_that_it_is_up(): void
    {
        $this->get('/up')->assertOk();
    }
}
