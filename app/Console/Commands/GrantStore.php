<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Gives the role that the application runs as what it needs and no more: nothing that is kept for ever can be changed by it. */
final class GrantStore extends Command
{
    protected $signature = 'garnetine:grant {role : That the application logs in as; run this as the owner of the database}';

    protected $description = 'Grants the application\'s role its rights, after every migration';

    public function handle(): int
    {
        $name = $this->argument('role');
        if (preg_match('/^[a-z_][a-z0-9_]{0,62}$/', $name) !== 1) {
            $this->error('A role is named by small letters, digits and underscores.');

            return self::FAILURE;
        }
        $role = '"'.$name.'"';
        DB::transaction(static function () use ($role): void {
            DB::unprepared(
                "revoke all on all tables in schema public from $role; grant usage on schema public to $role; grant usage, select on all sequences in schema public to $role; grant select on all tables in schema public to $role;",
            );
            $kept = "select tgrelid from pg_trigger t join pg_proc p on p.oid = t.tgfoid where p.proname = 'garnetine_append_only'";
            foreach (DB::select(
                "select oid::regclass::text as name, oid in ($kept) as kept from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace and relname <> 'migrations'",
            ) as $table) {
                /** @var \stdClass&object{name: string, kept: bool} $table */
                DB::unprepared('grant insert'.($table->kept ? '' : ', update, delete')." on {$table->name} to $role");
            }
        });

        return self::SUCCESS;
    }
}
