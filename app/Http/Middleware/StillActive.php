<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A closed account is out at its next request. */
final class StillActive
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if ($request->user()?->disabled_at !== null) {
            Auth::logout();
            $request->session()->invalidate();

            return $request->expectsJson() ? response()->json(['message' => 'This account is closed.'], 401) : redirect('/login');
        }

        return $next($request);
    }
}
