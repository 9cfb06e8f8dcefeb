<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Company\SignedIn;
use App\Http\Requests\LoginRequest;
use App\Models\User;
use App\Starting\Demo;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class SessionController extends Controller
{
    public function create(): Response
    {
        return Inertia::render('Login', ['demo' => Demo::isOpen()]);
    }

    public function store(LoginRequest $request): RedirectResponse
    {
        if (!Auth::attempt($request->credentials() + ['disabled_at' => null])) {
            throw ValidationException::withMessages(['email' => 'No user has this e-mail address and password.']);
        }
        $request->session()->regenerate();
        SignedIn::mark($request);

        return redirect()->intended('/jobs');
    }

    public function demo(Request $request): RedirectResponse
    {
        abort_unless(Demo::isOpen(), 404);
        Auth::login(User::query()->where('email', Demo::EMAIL)->firstOrFail());
        $request->session()->regenerate();
        SignedIn::mark($request);

        return redirect('/jobs');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login');
    }
}
