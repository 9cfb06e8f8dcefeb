<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('designs', static function (Blueprint $table): void {
            // Made by whoever saves: repeated, the save answers with what was stored.
            $table->uuid('save_key')->nullable();
            $table->unique(['job_id', 'save_key']);
        });
    }

    public function down(): void
    {
        Schema::table('designs', static fn (Blueprint $table) => $table->dropColumn('save_key'));
    }
};
