<?php

declare(strict_types=1);

namespace App\Previews;

use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\Request;
use Illuminate\Session\SessionManager;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Request as SymfonyRequest;

/**
 * Answers one preview after another with the application kept loaded: through the same kernel, routes and policies as any other
 * request, with nothing left of the one before.
 *
 * @phpstan-import-type Asked from HandOff
 * @phpstan-import-type Answered from HandOff
 */
final class PreviewServer
{
    private const READ_S = 5;
    private const WAIT_S = 30.0;

    /** Of processor time for one answer: as long as anybody waits for it. */
    private const ANSWER_S = 60;

    /** A process is begun anew after so many answers, and when it has grown. */
    private const ANSWERS = 10_000;
    private const GROWN_BYTES = 300_000_000;

    /**
     * A plan, nobody logged in, a look that a newer one made void, a refused change, too many of them: what any other answer leaves behind in the
     * framework is not ours to know.
     */
    private const EXPECTED = [200, 401, 410, 422, 429];

    private bool $isSpent = false;

    public function __construct(private readonly Application $app, private readonly Kernel $kernel)
    {
    }

    /**
     * Answers what comes until this process should be begun anew.
     *
     * @param resource $listening Shared with other processes
     * @param int $parent Ends with this process
     */
    public function serve($listening, int $parent): void
    {
        for ($answers = 0; $answers < self::ANSWERS && !$this->isSpent && memory_get_usage(true) < self::GROWN_BYTES;) {
            $connection = @stream_socket_accept($listening, self::WAIT_S);
            if (posix_getppid() !== $parent) {
                return;
            }
            // Another process took it, or none came.
            if ($connection === false) {
                continue;
            }
            stream_set_timeout($connection, self::READ_S);
            $asked = HandOff::asked((string) stream_get_contents($connection));
            // Whoever waited too long has gone the usual way.
            if ($asked !== null && @fwrite($connection, HandOff::TAKEN) === 1) {
                set_time_limit(self::ANSWER_S);
                $this->answer($asked, static function (array $answer) use ($connection): void {
                    @fwrite($connection, HandOff::answer($answer));
                    fclose($connection);
                });
                ++$answers;
            } else {
                fclose($connection);
            }
        }
    }

    /**
     * @param Asked $asked
     * @param \Closure(Answered): void $send Before the framework tidies up: nobody need wait for that
     */
    public function answer(array $asked, \Closure $send): void
    {
        $this->forget();
        $request = Request::createFromBase(new SymfonyRequest([], [], [], $asked['cookies'], [], $asked['server'], $asked['body']));
        $response = $this->kernel->handle($request);
        $send(['status' => $response->getStatusCode(), 'headers' => $response->headers->all(), 'body' => (string) $response->getContent()]);
        $this->kernel->terminate($request, $response);
        $this->isSpent = !in_array($response->getStatusCode(), self::EXPECTED, true);
    }

    /** Who asked before, with what session: the framework keeps both for one request, which is usually a process of its own. */
    private function forget(): void
    {
        $session = $this->app->make(SessionManager::class)->driver();
        assert($session instanceof Store);
        $session->flush();
        $session->setExists(false);
        $guard = $this->app->make('auth')->guard();
        assert($guard instanceof SessionGuard);
        $guard->forgetUser();
        $this->app->make(CookieJar::class)->flushQueuedCookies();
    }
}
