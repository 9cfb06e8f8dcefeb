<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('designs', static function (Blueprint $table): void {
            // edit, undo or redo: undo and redo append copies, and are told apart when the history is read.
            $table->string('kind', 8)->default('edit');
        });
    }

    public function down(): void
    {
        Schema::table('designs', static fn (Blueprint $table) => $table->dropColumn('kind'));
    }
};
