<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Company;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;

/** Makes a company with its first planner, who sets the password by the link that is printed. */
final class MakeCompany extends Command
{
    protected $signature = 'garnetine:company {company} {name} {email}';

    protected $description = 'Makes a company and its first planner';

    public function handle(): int
    {
        $email = strtolower((string) $this->argument('email'));
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false || User::query()->where('email', $email)->exists()) {
            $this->error("The e-mail address is none, or taken: $email");

            return self::FAILURE;
        }
        $user = DB::transaction(fn (): User => Company::query()->create(['name' => (string) $this->argument('company')])->users()
            ->create(['name' => (string) $this->argument('name'), 'email' => $email, 'password' => Str::random(40), 'role' => Role::Planner]));
        $this->line(url('/reset-password/'.Password::createToken($user).'?email='.urlencode($email)));

        return self::SUCCESS;
    }
}
