<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** One line for each request, with an id that everything logged during it carries and the answer names. */
final class RequestLog
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $id = (string) Str::uuid7();
        $started = hrtime(true);
        Log::shareContext(['request' => $id]);
        $response = $next($request);
        $response->headers->set('X-Request-Id', $id);
        $job = $request->route('job');
        Log::info('request', [
            // The route, not the path: paths of invitations and forgotten passwords hold secrets.
            'method' => $request->method(), 'route' => $request->route()?->uri(), 'status' => $response->getStatusCode(), 'ms' => round(
                (hrtime(true) - $started) / 1e6,
                1,
            ),
            'user' => $request->user()?->id, 'job' => $job instanceof \App\Models\Job ? $job->id : null,
        ]);

        return $response;
    }
}
