<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('care_rounds', static function (Blueprint $table): void {
            self::record($table);
            $table->string('job');
            $table->string('done_on');
        });
        Schema::create('consumables', static function (Blueprint $table): void {
            self::record($table);
            $table->string('kind');
            $table->float('bought');
            $table->string('bought_on');
        });
        Schema::table('kit_settings', static fn (Blueprint $table) => $table->string('damp')->default('ordinary'));
    }

    public function down(): void
    {
        Schema::dropIfExists('consumables');
        Schema::dropIfExists('care_rounds');
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
