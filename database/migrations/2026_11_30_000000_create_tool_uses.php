<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tools', static function (Blueprint $table): void {
            $table->string('hung_on')->nullable();
            $table->string('bought_for')->nullable();
            $table->boolean('kept')->default(false);
            $table->string('away_on')->nullable();
            $table->string('lent_to')->nullable();
            $table->string('lent_on')->nullable();
            $table->string('ask_on')->nullable();
        });
        Schema::create('tool_uses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version')->default(1);
            $table->softDeletes();
            $table->timestamps();
            $table->foreignId('tool_id')->constrained()->cascadeOnDelete();
            $table->foreignId('work_id')->nullable()->constrained()->nullOnDelete();
            $table->string('used_on');
            $table->index(['bench_id', 'deleted_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tool_uses');
    }
};
