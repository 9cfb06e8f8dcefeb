<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Which surfaces of its design a revision is of; none named where it is of all. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("alter table issued_plans add column surfaces jsonb check (jsonb_typeof(surfaces) = 'array' and jsonb_array_length(surfaces) > 0)");
    }

    public function down(): void
    {
        DB::unprepared('alter table issued_plans drop column surfaces');
    }
};
