<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\Rules\Password as PasswordRule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** A forgotten password is set anew by a link in an e-mail. */
final class PasswordController extends Controller
{
    public function ask(Request $request): Response
    {
        return Inertia::render('Forgot', ['sent' => $request->session()->get('sent') === true]);
    }

    public function send(Request $request): RedirectResponse
    {
        $request->validate(['email' => ['required', 'string', 'email', 'max:190']]);
        // The answer is the same whether there is such a user or not.
        Password::sendResetLink(['email' => strtolower($request->string('email')->value())]);

        return redirect('/forgot-password')->with('sent', true);
    }

    public function form(Request $request, string $token): Response
    {
        return Inertia::render('Reset', ['token' => $token, 'email' => $request->string('email')->value()]);
    }

    public function reset(Request $request, string $token): RedirectResponse
    {
        $request->validate(['email' => ['required', 'string', 'email'], 'password' => ['required', 'string', PasswordRule::min(10), 'max:200']]);
        $status = Password::reset(
            ['email' => strtolower($request->string('email')->value()), 'password' => $request->string('password')->value(), 'token' => $token],
            static function (User $user, string $password): void {
                $user->forceFill(['password' => $password, 'remember_token' => null])->save();
                DB::table('sessions')->where('user_id', $user->id)->delete();
            },
        );
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => 'This link is used up, too old, or not for this e-mail address. Ask for a new one.']);
        }

        return redirect('/login');
    }
}
