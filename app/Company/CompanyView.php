<?php

declare(strict_types=1);

namespace App\Company;

use App\Models\Invitation;
use App\Models\User;
use App\Policies\Permissions;
use Illuminate\Support\Facades\DB;

/** A company as its members see it. */
final class CompanyView
{
    /** @return array<string, mixed> */
    public static function of(User $user, string $session): array
    {
        return [
            'company' => $user->company?->name,
            'may_manage' => Permissions::allow($user->role, 'manage'),
            'may_start' => Permissions::allow($user->role, 'start'),
            'rates' => CompanyRates::shown($user),
            'kept' => CompanyCatalogue::names($user->company_id),
            'members' => User::query()->where('company_id', $user->company_id)->orderBy('name')->get()->map(static fn (User $member): array => [
                'id' => $member->id, 'name' => $member->name, 'email' => $member->email, 'role' => $member->role->value,
                'disabled' => $member->disabled_at !== null, 'is_me' => $member->id === $user->id,
            ])->all(),
            'invitations' => Invitation::query()->where(
                'company_id',
                $user->company_id,
            )->whereNull('used_at')->where('expires_at', '>', now())->orderBy('id')->get()
                ->map(
                    static fn (Invitation $one): array => ['id' => $one->id, 'role' => $one->role->value, 'until' => $one->expires_at->toIso8601ZuluString()],
                )->all(),
            'sessions' => self::sessions($user, $session),
        ];
    }

    /** @return list<array{is_this: bool, at: string, from: string, with: string}> */
    private static function sessions(User $user, string $session): array
    {
        $sessions = [];
        foreach (DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->limit(20)->get() as $row) {
            $sessions[] = [
                'is_this' => $row->id === $session, 'at' => gmdate('Y-m-d\TH:i:s\Z', is_numeric($row->last_activity) ? (int) $row->last_activity : 0),
                'from' => is_string($row->ip_address) ? $row->ip_address : '',
                'with' => preg_match('/Mobi|Android/i', is_string($row->user_agent) ? $row->user_agent : '') === 1 ? 'a phone' : 'a computer',
            ];
        }

        return $sessions;
    }
}
