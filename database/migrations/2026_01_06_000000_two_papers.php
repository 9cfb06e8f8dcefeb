<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Crew sheets and calculation of one revision; papers made before are whole ones. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            alter table papers drop constraint papers_pkey;
            alter table papers add column id bigserial primary key;
            alter table papers add column kind varchar(12) not null default 'whole';
            alter table papers alter column kind drop default;
            alter table papers add constraint papers_kind check (kind in ('whole', 'crew', 'calculation'));
            create unique index papers_of_plan on papers (issued_plan_id, kind);
            SQL);
    }

    public function down(): void
    {
        // Of two papers one would have to go, and papers stay.
        throw new LogicException('Papers of two kinds stay.');
    }
};
