<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;

/** The signature of a backup by the key of this installation: who has no key cannot pass another file for one. */
final class SignBackup extends Command
{
    protected $signature = 'garnetine:sign-backup {file}';

    protected $description = 'Prints the signature of a backup by the key of this installation';

    public function handle(): int
    {
        $file = $this->argument('file');
        $key = config('app.key');
        $signature = is_string($key) && $key !== '' && is_readable($file) ? hash_hmac_file('sha256', $file, "backup $key") : false;
        if ($signature === false) {
            $this->error('There is no such file, or no APP_KEY.');

            return self::FAILURE;
        }
        $this->line($signature);

        return self::SUCCESS;
    }
}
