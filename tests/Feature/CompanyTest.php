<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Designs\PlanDesign;
use App\Actions\Jobs\StartJob;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use App\Providers\AppServiceProvider;
use App\Starting\Demo;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Tests\TestCase;

/** People come by invitation, get a role, leave or are closed; passwords are set anew by mail. */
final class CompanyTest extends TestCase
{
    use RefreshDatabase;

    private function link(User $planner, string $role): string
    {
        $this->actingAs($planner)->post('/company/invitations', ['role' => $role])->assertRedirect('/company');
        $link = session('link');
        self::assertIsString($link);
        $this->post('/logout');

        return (string) parse_url($link, PHP_URL_PATH);
    }

    public function test_an_invitation_lets_one_person_in_once(): void
    {
        $planner = $this->planner();
        $path = $this->link($planner, 'reviewer');
        self::assertStringNotContainsString(basename($path), (string) json_encode(Invitation::query()->get()), 'the link itself is not kept');
        $this->get($path)->assertOk()->assertInertia(static fn ($page) => $page->component('Join')->where('company', 'Alder Roofing')->where('role', 'reviewer'));
        $this->post($path, ['name' => 'R. Viewer', 'email' => 'R@Example.test ', 'password' => 'short'])->assertSessionHasErrors('password');
        $this->post($path, ['name' => 'R. Viewer', 'email' => 'R@Example.test ', 'password' => 'long enough it is'])->assertRedirect('/jobs');
        $user = User::query()->where('email', 'r@example.test')->firstOrFail();
        self::assertSame([Role::Reviewer, $planner->company_id], [$user->role, $user->company_id]);
        $this->post('/logout');
        $this->post($path, ['name' => 'Second', 'email' => 'second@example.test', 'password' => 'long enough it is'])->assertRedirect($path);
        self::assertNull(User::query()->where('email', 'second@example.test')->first());
        $this->get($path)->assertInertia(static fn ($page) => $page->where('company', null));
    }

    public function test_an_old_or_withdrawn_invitation_lets_nobody_in(): void
    {
        $known = $this->planner('Known Roofs');
        $this->post('/invitation/0000000000000000000000000000000000000000', ['name' => 'X', 'email' => $known->email, 'password' => 'short'])->assertSessionHasNoErrors()->assertRedirect();
        $planner = $this->planner();
        $old = $this->link($planner, 'crew');
        $this->travel(8)->days();
        $this->get($old)->assertInertia(static fn ($page) => $page->where('company', null));
        $this->travelBack();
        $withdrawn = $this->link($planner, 'crew');
        $id = Invitation::query()->max('id');
        self::assertIsInt($id);
        $this->actingAs($this->planner('Beech Solar'))->delete("/company/invitations/$id")->assertNotFound();
        $this->actingAs($planner)->delete("/company/invitations/$id")->assertRedirect('/company');
        $this->post('/logout');
        $this->get($withdrawn)->assertInertia(static fn ($page) => $page->where('company', null));
    }

    public function test_a_closed_account_is_out_at_once_and_the_last_planner_stays(): void
    {
        $planner = $this->planner();
        $crew = $planner->company?->users()->create(['name' => 'C. Rew', 'email' => 'crew@example.test', 'password' => 'a-long-password', 'role' => Role::Crew]) ?? self::fail('no company');
        $this->actingAs($planner)->patch("/company/members/{$planner->id}", ['role' => 'crew'])->assertSessionHasErrors('member');
        $this->post('/company/leave')->assertSessionHasErrors('member');
        $this->patch("/company/members/{$crew->id}", ['disabled' => true])->assertRedirect('/company');
        $this->actingAs($this->planner('Beech Solar'))->patch("/company/members/{$crew->id}", ['disabled' => false])->assertNotFound();
        $this->actingAs($crew->refresh())->getJson('/jobs')->assertUnauthorized();
        $this->post('/login', ['email' => 'crew@example.test', 'password' => 'a-long-password'])->assertSessionHasErrors('email');
        $this->actingAs($planner)->patch("/company/members/{$crew->id}", ['disabled' => false, 'role' => 'planner'])->assertRedirect('/company');
        $this->actingAs($planner)->post('/company/leave')->assertRedirect('/login');
        self::assertNotNull($planner->refresh()->disabled_at);
    }

    public function test_a_forgotten_password_is_set_anew_by_mail_and_ends_all_sessions(): void
    {
        Notification::fake();
        $user = $this->planner();
        $this->post('/forgot-password', ['email' => 'nobody@example.test'])->assertRedirect('/forgot-password')->assertSessionHas('sent', true);
        Notification::assertNothingSent();
        $this->post('/forgot-password', ['email' => strtoupper($user->email)])->assertSessionHas('sent', true);
        $token = '';
        Notification::assertSentTo($user, ResetPassword::class, static function (ResetPassword $mail) use (&$token): bool {
            $token = $mail->token;

            return true;
        });
        DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
        $this->post("/reset-password/$token", ['email' => 'other@example.test', 'password' => 'a brand new one'])->assertSessionHasErrors('email');
        $this->post("/reset-password/$token", ['email' => $user->email, 'password' => 'a brand new one'])->assertRedirect('/login');
        self::assertTrue(Hash::check('a brand new one', (string) $user->refresh()->getAuthPassword()));
        self::assertSame(0, DB::table('sessions')->where('user_id', $user->id)->count());
        $this->post("/reset-password/$token", ['email' => $user->email, 'password' => 'once more please'])->assertSessionHasErrors('email');
    }

    public function test_the_demo_is_loaded_once_with_a_job_that_is_planned_and_one_that_is_blank(): void
    {
        self::assertSame([true, false], [Demo::load(app(StartJob::class), app(PlanDesign::class)), Demo::load(app(StartJob::class), app(PlanDesign::class))]);
        $this->post('/demo')->assertRedirect('/jobs');
        $this->get('/jobs')->assertInertia(static fn ($page) => $page->where('jobs', static fn ($jobs): bool => $jobs->pluck('word', 'name')->sortKeys()->all() === ['14 Medlar Court, barn roof' => '1 stop', 'Bramble Close 4, both roofs' => '2 stops', 'Damson Terrace 5, garden side' => '1 stop', 'Fallow Field' => '1 stop', 'Feijoa Lane 22, machine shed' => '1 stop', 'Fern Street 3, front' => 'refused', 'Harrow End' => '1 stop', 'Hazel Corner 1, hip roof' => 'tight', 'Loquat Slope' => '1 stop', 'Mulberry Bank 8, kiln shed' => '1 stop', 'Quillwort Lane 3, carriage house' => '1 stop', 'Quince Lane 8, back roof' => 'tight', 'Sallow Meadow' => 'tight', 'Sorrel Row 5, both sides' => 'tight', 'Tansy Croft 4, hay barn' => '1 stop', 'Teasel Yard, barn' => '1 stop', 'Yarrow Lane 3, garden side' => '1 stop']));
    }

    public function test_no_link_or_redirect_names_the_host_that_a_request_claims(): void
    {
        config(['app.url' => 'https://garnetine.example.test']);
        (new AppServiceProvider($this->app))->boot();
        Notification::fake();
        $user = $this->planner();
        $forged = ['HTTP_HOST' => 'evil.example.test', 'HTTP_X_FORWARDED_HOST' => 'evil.example.test'];
        $answer = $this->call('POST', 'http://evil.example.test/forgot-password', ['email' => $user->email], server: $forged);
        self::assertSame('https://garnetine.example.test/forgot-password', $answer->headers->get('Location'));
        Notification::assertSentTo($user, ResetPassword::class, static fn (ResetPassword $mail): bool => str_starts_with((string) $mail->toMail($user)->actionUrl, 'https://garnetine.example.test/reset-password/'));
    }

    public function test_no_link_that_lets_somebody_in_stands_in_the_log(): void
    {
        $logged = '';
        Event::listen(MessageLogged::class, static function (MessageLogged $line) use (&$logged): void {
            $logged .= $line->message.json_encode($line->context);
        });
        $invitation = $this->link($this->planner(), 'crew');
        $this->get($invitation)->assertOk();
        $this->get('/reset-password/abcdefghij1234567890?email=x@example.test')->assertOk();
        self::assertStringContainsString('invitation', $logged);
        self::assertStringNotContainsString(basename($invitation), $logged);
        self::assertStringNotContainsString('abcdefghij1234567890', $logged);
    }

    public function test_one_sees_and_ends_ones_own_sessions(): void
    {
        $user = $this->planner();
        DB::table('sessions')->insert(['id' => 'phone', 'user_id' => $user->id, 'ip_address' => '10.0.0.9', 'user_agent' => 'Something (Mobile)', 'payload' => '', 'last_activity' => time()]);
        $this->actingAs($user)->get('/company')->assertInertia(static fn ($page) => $page->where('sessions.0.with', 'a phone')->where('sessions.0.is_this', false));
        $this->post('/company/sessions/end')->assertRedirect('/company');
        self::assertSame(0, DB::table('sessions')->where('id', 'phone')->count());
    }

    public function test_a_session_is_written_when_it_changes_and_once_a_minute_otherwise(): void
    {
        config(['session.driver' => 'database']);
        $user = $this->planner();
        $job = $this->exampleJob($user);
        $session = $this->actingAs($user)->get('/jobs')->assertOk()->getCookie('garnetine_session')?->getValue() ?? '';
        $this->withCredentials()->withCookie('garnetine_session', $session);
        $writes = function (string $path) use ($job): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $path === 'preview' ? $this->postJson("/jobs/{$job->id}/preview", ['base' => $job->current()->id, 'edits' => []])->assertOk() : $this->get($path)->assertOk();

            return count(array_filter(DB::getQueryLog(), static fn (array $query): bool => str_starts_with($query['query'], 'update "sessions"')));
        };
        self::assertSame(0, $writes('preview'));
        self::assertSame(1, $writes('/company'), 'where one was last is remembered');
        self::assertSame(0, $writes('preview'));
        $this->travel(61)->seconds();
        self::assertSame(1, $writes('preview'));
        self::assertSame(0, $writes('preview'));
        self::assertSame(now()->getTimestamp(), DB::table('sessions')->where('id', $session)->value('last_activity'));
    }
}
