<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Parts that a company uses again; the newest version of a name counts, all are kept.
        Schema::create('catalogue_items', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('kept_by')->constrained('users');
            $table->string('part', 20);
            $table->string('name', 120);
            $table->integer('version');
            $table->jsonb('values');
            $table->timestampTz('created_at');
            $table->unique(['company_id', 'part', 'name', 'version']);
        });
        DB::unprepared(<<<'SQL'
            create trigger catalogue_items_append_only before update or delete on catalogue_items
                for each row execute function garnetine_append_only();
            create trigger catalogue_items_no_truncate before truncate on catalogue_items
                for each statement execute function garnetine_append_only();
            SQL);
    }

    public function down(): void
    {
        Schema::drop('catalogue_items');
    }
};
