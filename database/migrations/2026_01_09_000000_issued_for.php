<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a plan was issued for; those of before are what their status says. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("alter table issued_plans add column purpose varchar(12) check (purpose in ('review', 'construction'))");
    }

    public function down(): void
    {
        DB::unprepared('alter table issued_plans drop column purpose');
    }
};
