<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Another company's job does not exist for a user; on the own ones the table of permissions decides. */
final class JobPolicy
{
    public function view(User $user, Job $job): Response
    {
        return self::may($user, $job, 'view');
    }

    public function update(User $user, Job $job): Response
    {
        return self::may($user, $job, 'update');
    }

    public function sign(User $user, Job $job): Response
    {
        return self::may($user, $job, 'sign');
    }

    public function issue(User $user, Job $job): Response
    {
        return self::may($user, $job, 'issue');
    }

    public function archive(User $user, Job $job): Response
    {
        return self::may($user, $job, 'archive');
    }

    private static function may(User $user, Job $job, string $what): Response
    {
        if ($user->company_id !== $job->company_id) {
            return Response::denyAsNotFound();
        }

        return Permissions::allow($user->role, $what)
            ? Response::allow()
            : Response::deny("A {$user->role->value} may not do this; ask a planner of your company.");
    }
}
