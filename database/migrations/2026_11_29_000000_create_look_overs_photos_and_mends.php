<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('look_overs', static function (Blueprint $table): void {
            self::record($table);
            $table->string('kind');
            $table->string('name');
            // What was found, by the id of a check: {outcome, readings}.
            $table->json('found');
            $table->decimal('good_price', 12, 2);
            $table->decimal('per_hour', 12, 2);
            $table->decimal('asked', 12, 2)->nullable();
            $table->string('state')->default('open');
            $table->string('begun_at');
            $table->foreignId('tool_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::create('photos', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('look_over_id')->constrained('look_overs')->cascadeOnDelete();
            $table->string('file');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
        });
        Schema::create('mends', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('tool_id')->constrained()->cascadeOnDelete();
            $table->string('says');
            $table->unsignedInteger('minutes');
            $table->decimal('cost', 12, 2);
            $table->string('done_at')->nullable();
        });
    }

    public function down(): void
    {
        foreach (['mends', 'photos', 'look_overs'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    private static function record(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
        $table->unsignedInteger('version')->default(1);
        $table->softDeletes();
        $table->timestamps();
        $table->index(['bench_id', 'deleted_at']);
    }
};
