<?php

declare(strict_types=1);

namespace App\Actions\Companies;

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Changes what a member may do, or closes or opens the account. A company never loses its last planner. */
final class ChangeMember
{
    /** @throws ValidationException when nobody would be left to plan */
    public function handle(User $member, ?Role $role, ?bool $disabled): void
    {
        DB::transaction(static function () use ($member, $role, $disabled): void {
            $planners = User::query()->where(
                'company_id',
                $member->company_id,
            )->where('role', Role::Planner)->whereNull('disabled_at')->lockForUpdate()->pluck('id');
            $leaves = ($role !== null && $role !== Role::Planner) || $disabled === true;
            if ($leaves && $planners->contains($member->id) && $planners->count() === 1) {
                throw ValidationException::withMessages(['member' => "{$member->name} is the last planner of the company. Make another one first."]);
            }
            $member->update(($role === null ? [] : ['role' => $role]) + ($disabled === null ? [] : ['disabled_at' => $disabled ? now() : null]));
            if ($disabled === true) {
                DB::table('sessions')->where('user_id', $member->id)->delete();
            }
        });
    }
}
