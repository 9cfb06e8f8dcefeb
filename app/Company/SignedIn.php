<?php

declare(strict_types=1);

namespace App\Company;

use App\Models\User;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/** Whether somebody at the desk is who logged in there: sure for a while after the password, then asked again before a signature. */
final class SignedIn
{
    public const SURE_S = 900;
    private const GUESSES = 10;
    private const KEY = 'password_given_at';

    /** The password was just given. */
    public static function mark(Request $request): void
    {
        $request->session()->put(self::KEY, now()->getTimestamp());
    }

    /** @throws HttpResponseException which asks for the password */
    public static function assure(Request $request, User $user): void
    {
        if (!self::isSure($request, $user)) {
            throw new HttpResponseException(new JsonResponse([
                'code' => 'password_needed', 'faults' => [],
                'message' => $request->filled('password')
                    ? 'That is not the password of your account.'
                    : 'You logged in more than a quarter of an hour ago: sign with your password.',
            ], 423));
        }
    }

    private static function isSure(Request $request, User $user): bool
    {
        $given = $request->session()->get(self::KEY);
        if (is_int($given) && now()->getTimestamp() - $given < self::SURE_S) {
            return true;
        }
        $limit = "signing.{$user->id}";
        $password = $request->input('password');
        if (!is_string($password) || $password === '' || RateLimiter::tooManyAttempts($limit, self::GUESSES)) {
            return false;
        }
        if (!Hash::check($password, (string) $user->getAuthPassword())) {
            RateLimiter::hit($limit);

            return false;
        }
        self::mark($request);

        return true;
    }
}
