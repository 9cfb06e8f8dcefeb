<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Published values that named persons of a company confirmed as they are recalled, from which document; all are kept.
        Schema::create('confirmed_values', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('entered_by')->constrained('users');
            $table->foreignId('job_id')->constrained();
            $table->string('coefficient', 120);
            $table->string('value', 160);
            $table->string('source', 400);
            $table->string('name', 80);
            $table->string('account', 120);
            $table->date('on');
            $table->string('reason', 400);
            $table->timestampTz('created_at');
            $table->index(['company_id', 'coefficient']);
        });
        DB::unprepared(<<<'SQL'
            create trigger confirmed_values_append_only before update or delete on confirmed_values
                for each row execute function garnetine_append_only();
            create trigger confirmed_values_no_truncate before truncate on confirmed_values
                for each statement execute function garnetine_append_only();
            create trigger own_copies_no_truncate before truncate on own_copies
                for each statement execute function garnetine_append_only();
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('drop trigger own_copies_no_truncate on own_copies;');
        Schema::drop('confirmed_values');
    }
};
