<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\User;
use App\Previews\HandOff;
use App\Previews\PreviewServer;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Previews by a process that keeps the application loaded, and that nothing of one planner is left for the next. */
final class PreviewServerTest extends TestCase
{
    use RefreshDatabase;

    public function test_each_planner_is_answered_as_themselves_whoever_asked_before(): void
    {
        [$here, $there] = [$this->planner(), $this->planner('Birch Roofing')];
        [$ours, $theirs] = [$this->exampleJob($here), $this->exampleJob($there)];
        [$mine, $foreign] = [$this->signedIn($here), $this->signedIn($there)];
        $server = new PreviewServer($this->app, $this->app->make(Kernel::class));
        foreach ([
            [$mine, $ours, 200], [$foreign, $theirs, 200], [$foreign, $ours, 404], [$mine, $ours, 200], [[], $ours, 401],
            [$mine, $theirs, 404], [$foreign, $theirs, 200], [['garnetine_session' => 'forged'], $theirs, 401],
        ] as $turn => [$cookies, $job, $status]) {
            self::assertSame($status, self::answered($server, self::asked($job, $cookies))['status'], "turn $turn");
        }
    }

    public function test_a_visitor_after_a_planner_has_a_session_of_their_own(): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user);
        $server = new PreviewServer($this->app, $this->app->make(Kernel::class));
        $mine = $this->signedIn($user);
        $sessions = static fn (): int => DB::table('sessions')->count();
        foreach ([[$mine, 200, 0], [[], 401, 1], [$mine, 200, 0], [[], 401, 1]] as $turn => [$cookies, $status, $more]) {
            $before = $sessions();
            self::assertSame($status, self::answered($server, self::asked($job, $cookies))['status'], "turn $turn");
            self::assertSame($before + $more, $sessions(), "turn $turn");
        }
    }

    public function test_the_answer_is_that_of_the_usual_way(): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user);
        $asked = self::asked($job, $this->signedIn($user));
        $answer = self::answered(new PreviewServer($this->app, $this->app->make(Kernel::class)), $asked);
        $usual = $this->actingAs($user)->call('POST', "/jobs/{$job->id}/preview", [], [], [], $asked['server'], $asked['body']);
        self::assertSame($usual->getContent(), $answer['body']);
        self::assertSame([$usual->headers->get('content-security-policy')], $answer['headers']['content-security-policy'] ?? null);
    }

    /** @return array<string, array{string|null, string|null}> What the process sends, null when there is none; what stands in the answer, null where it goes the usual way */
    public static function processes(): array
    {
        $whole = HandOff::answer(['status' => 200, 'headers' => ['x-test' => ['yes']], 'body' => 'the plan']);

        return [
            'one that answers' => [HandOff::TAKEN.$whole, 'the plan'], 'none' => [null, null], 'one that does not take it up' => ['', null],
            'one that ends in the middle' => [HandOff::TAKEN.substr($whole, 0, -9), 'preview_lost'], 'one that sends something else' => [HandOff::TAKEN.'nonsense', 'preview_lost'],
        ];
    }

    #[DataProvider('processes')]
    public function test_a_preview_goes_the_usual_way_unless_a_process_takes_it_up_and_is_never_planned_twice(?string $sent, ?string $says): void
    {
        $socket = sys_get_temp_dir().'/garnetine-'.bin2hex(random_bytes(4));
        $child = null;
        if ($sent !== null) {
            $listening = stream_socket_server('unix://'.$socket) ?: throw new \RuntimeException('No socket.');
            $child = pcntl_fork();
            if ($child === 0) {
                $connection = stream_socket_accept($listening, 5) ?: exit(1);
                // What it reads is what was asked; it is told back by being killed rather than by an end that PHPUnit would see.
                if ((HandOff::asked((string) stream_get_contents($connection))['cookies'] ?? null) === ['a' => 'b']) {
                    fwrite($connection, $sent);
                }
                fclose($connection);
                posix_kill((int) getmypid(), SIGKILL);
            }
        }
        putenv(HandOff::SOCKET.'='.$socket);
        [$server, $cookies] = [$_SERVER, $_COOKIE];
        try {
            [$_SERVER['REQUEST_METHOD'], $_SERVER['REQUEST_URI'], $_COOKIE] = ['POST', '/jobs/7/preview', ['a' => 'b']];
            ob_start();
            self::assertSame($says !== null, HandOff::isAnswered());
            self::assertStringContainsString($says ?? '', (string) ob_get_clean());
            [$_SERVER['REQUEST_METHOD'], $_SERVER['REQUEST_URI']] = ['GET', '/jobs'];
            self::assertFalse(HandOff::isAnswered());
        } finally {
            [$_SERVER, $_COOKIE] = [$server, $cookies];
            putenv(HandOff::SOCKET);
            @unlink($socket);
            if (is_int($child) && $child > 0) {
                pcntl_waitpid($child, $status);
            }
        }
    }

    /**
     * @param array{server: array<string, string>, cookies: array<array-key, mixed>, body: string} $asked
     *
     * @return array{status: int, headers: array<array-key, mixed>, body: string}
     */
    private static function answered(PreviewServer $server, array $asked): array
    {
        $answers = [];
        $server->answer($asked, static function (array $answer) use (&$answers): void {
            $answers[] = $answer;
        });
        self::assertCount(1, $answers);

        return $answers[0];
    }

    /** @return array<array-key, mixed> The cookies of a planner who has signed in */
    private function signedIn(User $user): array
    {
        $cookie = $this->post('/login', ['email' => $user->email, 'password' => 'a-long-password'])->assertRedirect('/jobs')->getCookie('garnetine_session', false);
        $this->flushSession();
        Auth::forgetUser();

        return ['garnetine_session' => $cookie?->getValue() ?? throw new \LogicException('No session.')];
    }

    /**
     * @param array<array-key, mixed> $cookies
     *
     * @return array{server: array<string, string>, cookies: array<array-key, mixed>, body: string}
     */
    private static function asked(Job $job, array $cookies): array
    {
        return [
            'server' => [
                'REQUEST_METHOD' => 'POST', 'REQUEST_URI' => "/jobs/{$job->id}/preview", 'REMOTE_ADDR' => '127.0.0.1', 'SERVER_NAME' => 'localhost', 'SERVER_PORT' => '80',
                'HTTP_HOST' => 'localhost', 'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json',
            ],
            'cookies' => $cookies,
            'body' => (string) json_encode(['base' => $job->current()->id, 'sequence' => 3, 'edits' => [['move' => ['x_m' => 1.6, 'y_m' => 0.8]]]]),
        ];
    }
}
