<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A bench that came from a file can be taken back until something is written there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('benches', static function (Blueprint $table): void {
            $table->unsignedInteger('brought_revision')->nullable();
            $table->string('taken_back_at')->nullable();
        });
    }

    public function down(): void
    {
        foreach (['brought_revision', 'taken_back_at'] as $column) {
            DB::statement("ALTER TABLE benches DROP COLUMN $column");
        }
    }
};
