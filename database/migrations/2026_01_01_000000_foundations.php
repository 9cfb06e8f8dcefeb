<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('companies', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->timestampsTz();
        });
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestampsTz();
        });
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->string('name', 120);
            $table->timestampsTz();
        });
        Schema::create('designs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('number');
            $table->foreignId('parent_id')->nullable()->constrained('designs');
            $table->foreignId('author_id')->constrained('users');
            // A side design lost the race for its number's place in the main line; it is kept all the same.
            $table->boolean('is_side')->default(false);
            $table->text('bytes');
            $table->char('hash', 64)->index();
            $table->text('change');
            $table->timestampTz('created_at');
            $table->unique(['job_id', 'number']);
        });
        DB::statement('alter table designs add column document jsonb generated always as (bytes::jsonb) stored');
        Schema::create('plans', static function (Blueprint $table): void {
            $table->char('design_hash', 64);
            $table->string('build', 16);
            $table->text('bytes');
            $table->timestampTz('created_at');
            $table->primary(['design_hash', 'build']);
        });
        DB::unprepared(<<<'SQL'
            create or replace function garnetine_append_only() returns trigger language plpgsql as $$
            begin
                raise exception '% is append-only', tg_table_name using errcode = 'integrity_constraint_violation';
            end $$;
            create trigger designs_append_only before update or delete on designs
                for each row execute function garnetine_append_only();
            create trigger designs_no_truncate before truncate on designs
                for each statement execute function garnetine_append_only();
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('drop trigger designs_append_only on designs; drop trigger designs_no_truncate on designs;');
        foreach (['plans', 'designs', 'jobs', 'sessions', 'users', 'companies'] as $table) {
            Schema::drop($table);
        }
        DB::unprepared('drop function garnetine_append_only();');
    }
};
