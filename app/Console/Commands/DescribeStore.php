<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Every trigger, constraint and function of the database in words of its own, to hold a restored one against a new one. */
final class DescribeStore extends Command
{
    protected $signature = 'garnetine:describe';

    protected $description = 'Prints triggers, constraints and functions of the database';

    public function handle(): int
    {
        $queries = [
            "select 'trigger '||tgrelid::regclass::text||' '||tgname::text||' '||tgenabled::text||' '||pg_get_triggerdef(oid) as line from pg_trigger where not tgisinternal",
            "select 'constraint '||conrelid::regclass::text||' '||conname::text||' '||convalidated::text||' '||pg_get_constraintdef(oid) as line from pg_constraint where connamespace = 'public'::regnamespace",
            "select 'function '||proname::text||' '||prosrc as line from pg_proc where pronamespace = 'public'::regnamespace",
        ];
        $lines = [];
        foreach ($queries as $query) {
            foreach (DB::select($query) as $row) {
                $line = (string) preg_replace('/\s+/', ' ', is_string($row->line ?? null) ? $row->line : '');
                // Brought back, a condition has other casts and brackets around the same words.
                $lines[] = str_starts_with($line, 'constraint ') ? (string) preg_replace('/::(?:character varying|text)(?:\[\])?|[()]/', '', $line) : $line;
            }
        }
        sort($lines);
        $this->line(implode("\n", $lines));

        return self::SUCCESS;
    }
}
