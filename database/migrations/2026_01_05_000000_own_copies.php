<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What a company read in its own copies of the standards; the newest of a value counts, all are kept.
        Schema::create('own_copies', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('entered_by')->constrained('users');
            $table->string('coefficient', 120);
            $table->double('value');
            $table->string('document', 160);
            $table->string('clause', 80);
            $table->string('name', 80);
            $table->date('on');
            $table->timestampTz('created_at');
            $table->index(['company_id', 'coefficient']);
        });
        DB::unprepared(<<<'SQL'
            create trigger own_copies_append_only before update or delete on own_copies
                for each row execute function garnetine_append_only();
            SQL);
    }

    public function down(): void
    {
        Schema::drop('own_copies');
    }
};
