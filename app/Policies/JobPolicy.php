<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Who may do what with a job. Another company's job does not exist for a user. */
final class JobPolicy
{
    public function view(User $user, Job $job): Response
    {
        return $this->own($user, $job);
    }

    public function update(User $user, Job $job): Response
    {
        return $this->own($user, $job);
    }

    private function own(User $user, Job $job): Response
    {
        return $user->company_id === $job->company_id ? Response::allow() : Response::denyAsNotFound();
    }
}
