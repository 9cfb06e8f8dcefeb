<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\Jobs\StartJob;
use App\Models\Company;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Design\DesignFile;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

abstract class TestCase extends BaseTestCase
{
    /** As somebody who has just given the password. */
    protected function setUp(): void
    {
        parent::setUp();
        $this->prepare();
        $this->withSession(['password_given_at' => time()]);
    }

    /** Before anything is asked of the database. */
    protected function prepare(): void
    {
    }

    protected function planner(string $company = 'Alder Roofing'): User
    {
        $number = User::query()->count() + 1;

        return Company::query()->create(['name' => $company])->users()
            ->create(['name' => 'P. Lanner', 'email' => "user$number@example.test", 'password' => 'a-long-password']);
    }

    protected function colleague(User $of): User
    {
        return $of->company?->users()->create(['name' => 'O. Ther', 'email' => "colleague{$of->id}@example.test", 'password' => 'a-long-password']) ?? throw new \LogicException('A user has a company.');
    }

    protected function exampleJob(User $user, string $example = 'quince-lane'): Job
    {
        $document = DesignFile::read((string) file_get_contents(base_path("docs/examples/$example.json")));

        return app(StartJob::class)->handle($user->company ?? throw new \LogicException('A user has a company.'), $user, $document);
    }
}
