<?php

declare(strict_types=1);

use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\RequestLog;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SparingSession;
use App\Http\Middleware\StillActive;
use App\Planning\Busy;
use App\Support\StoreTrouble;
use Garnetine\Core\Attachment\Search\NotWanted;
use Garnetine\Core\CoreException;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Routing\Middleware\ValidateSignature;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(static function (Middleware $middleware): void {
        // Empty texts must reach the core as they are; nobody asks from another origin.
        $middleware->remove([ConvertEmptyStringsToNull::class, HandleCors::class]);
        // On every answer, errors too.
        $middleware->prepend(SecurityHeaders::class);
        $middleware->append(PlainInput::class);
        // Who has no signature learns nothing of what there is.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: ValidateSignature::class);
        $middleware->web(append: [RequestLog::class, StillActive::class, HandleInertiaRequests::class], replace: [StartSession::class => SparingSession::class]);
        // In production a request for another host than the configured one is refused. Read when asked: settings are not loaded yet.
        $middleware->trustHosts(static fn (): array => ['^'.preg_quote((string) parse_url((string) config('app.url'), PHP_URL_HOST)).'$'], subdomains: false);
        // Chosen in the browser, and no secret.
        $middleware->encryptCookies(except: ['theme']);
        $middleware->redirectGuestsTo('/login');
        $middleware->redirectUsersTo('/jobs');
        // What people type is parsed by the core; spaces must reach it as they are.
        $middleware->trimStrings(except: ['edits', 'edits.*.typed', 'edits.*.value', 'document']);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport([CoreException::class]);
        $exceptions->render(static function (DocumentInvalid $invalid, Request $request): Response {
            if ($request->hasHeader('X-Inertia')) {
                return back()->withErrors(['document' => $invalid->getMessage()]);
            }

            return new JsonResponse([
                'code' => $invalid->errorCode(), 'message' => $invalid->getMessage(),
                'faults' => array_map(static fn (Fault $fault): array => $fault->toArray(), array_slice($invalid->faults, 0, 200)),
            ], 422);
        });
        // At a commit it is no query that fails.
        $exceptions->render(static fn (PDOException $trouble, Request $request): ?Response => StoreTrouble::answer($trouble, $request));
        $exceptions->report(static fn (PDOException $trouble): bool => StoreTrouble::log($trouble));
        $exceptions->dontReport([Busy::class]);
        $exceptions->render(static fn (Busy $busy): JsonResponse => new JsonResponse(['code' => 'busy', 'message' => $busy->getMessage(), 'faults' => []], 429, ['Retry-After' => '1']));
        $exceptions->dontReport([NotWanted::class]);
        $exceptions->render(static fn (NotWanted $void): JsonResponse => new JsonResponse(['code' => 'superseded', 'message' => 'A newer change of the same page made this look void.', 'faults' => []], 410));
        // What is not there and what is another company's reads the same.
        $exceptions->render(static fn (HttpExceptionInterface $missing, Request $request): ?Response => $missing->getStatusCode() === 404 && $request->expectsJson()
            ? new JsonResponse(['code' => 'not_found', 'message' => 'There is nothing here for you.', 'faults' => []], 404) : null);
        $exceptions->render(static fn (CoreException $fault): JsonResponse => new JsonResponse([
            'code' => $fault->errorCode(), 'message' => $fault->getMessage(), 'faults' => [],
        ], $fault->errorCode() === 'path_unknown' ? 404 : 422));
    })
    ->create();
