<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('honing_sessions', static function (Blueprint $table): void {
            $table->foreignId('tool_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::create('filings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tool_id')->constrained()->cascadeOnDelete();
            $table->string('filed_on');
            $table->string('state');
            $table->float('lowered_mm')->default(0);
            $table->unsignedInteger('teeth')->default(0);
            $table->float('minutes')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->softDeletes();
            $table->timestamps();
            $table->index(['bench_id', 'deleted_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('filings');
        Schema::table('honing_sessions', static fn (Blueprint $table) => $table->dropConstrainedForeignId('tool_id'));
    }
};
