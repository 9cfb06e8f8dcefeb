<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Companies\ChangeMember;
use App\Actions\Companies\JoinCompany;
use App\Company\CompanyRates;
use App\Company\CompanyView;
use App\Company\SignedIn;
use App\Http\Requests\JoinRequest;
use App\Http\Requests\MemberRequest;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;

/** The people of a company: invited by link, given a role, closed; and one's own sessions. */
final class CompanyController extends Controller
{
    public function show(Request $request): Response
    {
        return Inertia::render('Company', CompanyView::of($this->user($request), $request->session()->getId()) + ['link' => $request->session()->get('link')]);
    }

    public function invite(MemberRequest $request): RedirectResponse
    {
        $token = Str::random(40);
        Invitation::query()->create([
            'company_id' => $this->user($request)->company_id, 'invited_by' => $this->user($request)->id, 'role' => $request->role() ?? Role::Crew,
            'token_hash' => Invitation::hashOf($token), 'expires_at' => now()->addDays(Invitation::DAYS),
        ]);

        return redirect('/company')->with('link', url("/invitation/$token"));
    }

    public function withdraw(Request $request, int $invitation): RedirectResponse
    {
        Invitation::query()->where('company_id', $this->user($request)->company_id)->whereNull('used_at')->whereKey($invitation)->firstOrFail()->delete();

        return redirect('/company');
    }

    public function change(MemberRequest $request, int $member, ChangeMember $changeMember): RedirectResponse
    {
        $found = User::query()->where('company_id', $this->user($request)->company_id)->whereKey($member)->firstOrFail();
        $changeMember->handle($found, $request->role(), $request->has('disabled') ? $request->boolean('disabled') : null);

        return redirect('/company');
    }

    /** What work and parts cost: entered by who plans. */
    public function rates(Request $request): RedirectResponse
    {
        $company = $this->user($request)->company ?? abort(404);
        try {
            $values = array_filter($request->all(), is_string(...), ARRAY_FILTER_USE_KEY);
            CompanyRates::keep($company, CompanyRates::read($values));
        } catch (DocumentInvalid $invalid) {
            return redirect('/company')->withErrors(array_combine(
                array_map(static fn (Fault $fault): string => 'rates.'.ltrim($fault->path, '/'), $invalid->faults),
                array_map(static fn (Fault $fault): string => "expected $fault->expected, found $fault->found", $invalid->faults),
            ));
        }

        return redirect('/company');
    }

    public function leave(Request $request, ChangeMember $changeMember): RedirectResponse
    {
        $changeMember->handle($this->user($request), null, true);
        Auth::logout();
        $request->session()->invalidate();

        return redirect('/login');
    }

    public function endSessions(Request $request): RedirectResponse
    {
        DB::table('sessions')->where('user_id', $this->user($request)->id)->where('id', '!=', $request->session()->getId())->delete();

        return redirect('/company');
    }

    public function invitation(string $token): Response
    {
        $invitation = Invitation::open($token);

        return Inertia::render('Join', ['company' => $invitation?->company?->name, 'role' => $invitation?->role, 'token' => $token]);
    }

    public function join(JoinRequest $request, string $token, JoinCompany $joinCompany): RedirectResponse
    {
        $invitation = Invitation::open($token);
        $user = $invitation === null ? null : $joinCompany->handle(
            $invitation,
            $request->string('name')->trim()->value(),
            $request->string('email')->lower()->value(),
            $request->string('password')->value(),
        );
        if ($user === null) {
            return redirect("/invitation/$token");
        }
        Auth::login($user);
        $request->session()->regenerate();
        SignedIn::mark($request);

        return redirect('/jobs');
    }
}
