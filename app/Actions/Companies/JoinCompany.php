<?php

declare(strict_types=1);

namespace App\Actions\Companies;

use App\Models\Invitation;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Uses an invitation up and makes the user, both or neither. */
final class JoinCompany
{
    /** @return User|null Null when the link was used in the meantime */
    public function handle(Invitation $invitation, string $name, string $email, string $password): ?User
    {
        return DB::transaction(static function () use ($invitation, $name, $email, $password): ?User {
            $used = Invitation::query()->whereKey($invitation->id)->whereNull('used_at')->update(['used_at' => now()]);

            return $used === 0 ? null : User::query()->create([
                'company_id' => $invitation->company_id, 'name' => $name, 'email' => $email, 'password' => $password, 'role' => $invitation->role,
            ]);
        });
    }
}
