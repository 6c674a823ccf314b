<?php

declare(strict_types=1);

use App\Ledger\RecordColumns;
use Database\Relay\Promises;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A work as it is made: its steps, what of them is done, and how long each took, from which a pace is learnt. */
return new class extends Migration
{
    private const KINDS = "'making', 'cutting')";

    private const KINDS_AND_JOBS = "'making', 'cutting', 'job')";

    public function up(): void
    {
        Schema::create('work_jobs', static function (Blueprint $table): void {
            RecordColumns::on($table);
            $table->foreignId('work_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->unsignedInteger('pieces');
            $table->unsignedInteger('batch');
            $table->float('hours');
            $table->string('wood_at')->nullable();
            // The steps as they stood when it was begun: what is bought or learnt later changes nothing under way.
            $table->json('steps');
            $table->float('gap_mm')->nullable();
            $table->string('found')->default('');
            $table->index('work_id');
        });
        Schema::create('step_times', static function (Blueprint $table): void {
            RecordColumns::on($table);
            $table->foreignId('work_job_id')->constrained()->cascadeOnDelete();
            // Each while at the bench adds its own: what is done of a job is their sum, whichever of them is undone.
            $table->unsignedInteger('step');
            $table->string('operation');
            $table->unsignedInteger('units');
            $table->float('usual_minutes');
            $table->float('minutes');
            $table->string('timed_at');
            $table->index('work_job_id');
        });
        Schema::table('bench_sessions', static function (Blueprint $table): void {
            $table->json('spent')->nullable();
            $table->string('spent_at')->nullable();
        });
        Promises::exchange('bench_sessions', self::KINDS, self::KINDS_AND_JOBS);
    }

    public function down(): void
    {
        DB::statement("DELETE FROM bench_sessions WHERE kind = 'job'");
        Promises::exchange('bench_sessions', self::KINDS_AND_JOBS, self::KINDS);
        Schema::table(
            'bench_sessions',
            static fn (Blueprint $table) => $table->dropColumn(['spent', 'spent_at']),
        );
        Schema::dropIfExists('step_times');
        Schema::dropIfExists('work_jobs');
    }
};
