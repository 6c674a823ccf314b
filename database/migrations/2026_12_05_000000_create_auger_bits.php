<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('auger_bits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tool_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('sixteenths');
            $table->float('spurs_mm');
            $table->float('twist_mm');
            $table->float('height_mm')->nullable();
            $table->float('hole_mm')->nullable();
            $table->float('turns')->nullable();
            $table->boolean('is_sharp')->default(false);
            $table->string('checked_on');
            $table->unsignedInteger('version')->default(1);
            $table->softDeletes();
            $table->timestamps();
            $table->index(['bench_id', 'deleted_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('auger_bits');
    }
};
