<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Policies\Permissions;
use Illuminate\Http\Request;
use Inertia\Middleware;

final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        // Asked for by pages alone: a preview is answered without.
        return [...parent::share($request), 'user' => static function () use ($request): ?array {
            $user = $request->user();

            return $user === null ? null : ['name' => $user->name, 'company' => $user->company?->name, 'may' => Permissions::of($user->role)];
        }];
    }
}
