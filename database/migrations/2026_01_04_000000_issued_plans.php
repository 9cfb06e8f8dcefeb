<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('issued_plans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->restrictOnDelete();
            $table->foreignId('design_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('revision');
            $table->foreignId('issued_by')->constrained('users');
            $table->string('status', 16);
            $table->string('build', 64);
            $table->text('note');
            $table->text('bytes');
            $table->char('hash', 64);
            $table->timestampTz('created_at');
            $table->unique(['job_id', 'revision']);
        });
        // The paper of an issued plan is made afterwards; until it is whole there are no bytes.
        Schema::create('papers', static function (Blueprint $table): void {
            $table->foreignId('issued_plan_id')->primary()->constrained()->restrictOnDelete();
            $table->string('state', 8)->default('waiting');
            $table->unsignedSmallInteger('percent')->default(0);
            $table->text('trouble')->default('');
            $table->unsignedInteger('pages')->nullable();
            $table->binary('bytes')->nullable();
            $table->char('hash', 64)->nullable();
            $table->timestampTz('updated_at');
        });
        Schema::create('queue_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedSmallInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('queue_failures', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestampTz('failed_at')->useCurrent();
        });
        DB::unprepared(<<<'SQL'
            create trigger issued_plans_append_only before update or delete on issued_plans
                for each row execute function garnetine_append_only();
            create trigger issued_plans_no_truncate before truncate on issued_plans
                for each statement execute function garnetine_append_only();
            create or replace function garnetine_paper_stays() returns trigger language plpgsql as $$
            begin
                if tg_op = 'DELETE' or old.bytes is not null then
                    raise exception 'the paper of an issued plan stays' using errcode = 'integrity_constraint_violation';
                end if;
                return new;
            end $$;
            create trigger papers_stay before update or delete on papers for each row execute function garnetine_paper_stays();
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('drop trigger papers_stay on papers; drop function garnetine_paper_stays(); drop trigger issued_plans_append_only on issued_plans; drop trigger issued_plans_no_truncate on issued_plans;');
        foreach (['queue_failures', 'queue_jobs', 'papers', 'issued_plans'] as $table) {
            Schema::drop($table);
        }
    }
};
