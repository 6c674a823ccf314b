<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Keys of requests that may be sent twice, and are written once. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sent_requests', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64);
            $table->string('sent_at')->index();
            $table->unique(['bench_id', 'key']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sent_requests');
    }
};
