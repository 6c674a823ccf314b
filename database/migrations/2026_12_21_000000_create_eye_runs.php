<?php

declare(strict_types=1);

use App\Ledger\RecordColumns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was shown to an eye, what it answered, and the smallest error it was found to see. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('eye_runs', static function (Blueprint $table): void {
            RecordColumns::on($table);
            $table->string('exercise');
            $table->unsignedInteger('seed');
            $table->float('distance_mm');
            $table->float('px_per_mm');
            $table->json('trials');
            // Found when it ended, from this run and those before it: arc minutes.
            $table->float('seen')->nullable();
            $table->float('seen_low')->nullable();
            $table->float('seen_high')->nullable();
            $table->string('ended_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('eye_runs');
    }
};
