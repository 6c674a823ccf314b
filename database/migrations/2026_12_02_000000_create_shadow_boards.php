<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shadow_boards', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->float('width_mm');
            $table->float('height_mm');
            $table->float('room_mm');
            $table->json('tools');
            $table->unsignedInteger('version')->default(1);
            $table->softDeletes();
            $table->timestamps();
            $table->index(['bench_id', 'deleted_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shadow_boards');
    }
};
