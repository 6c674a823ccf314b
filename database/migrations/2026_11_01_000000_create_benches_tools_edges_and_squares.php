<?php

declare(strict_types=1);

use App\Ledger\AppendOnly;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('benches', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->unsignedInteger('revision')->default(0);
            $table->timestamps();
        });
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('unit')->default('mm');
            $table->string('ground')->default('system');
            $table->timestamps();
        });
        $this->kit();
        $this->edges();
        $this->squares();
        $this->diary();
    }

    public function down(): void
    {
        foreach (
            [
                'diary_entries',
                'square_tests',
                'squares',
                'honing_sessions',
                'edges',
                'stones',
                'tools',
                'works',
                'users',
                'benches',
            ] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }

    /** What every record has: its bench, a version that counts its changes, and a way back from deletion. */
    private function record(string $name, Closure $columns): void
    {
        Schema::create($name, static function (Blueprint $table) use ($columns): void {
            $table->id();
            $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
            $columns($table);
            $table->unsignedInteger('version')->default(1);
            $table->softDeletes();
            $table->timestamps();
            $table->index(['bench_id', 'deleted_at']);
        });
    }

    private function kit(): void
    {
        $this->record('works', static function (Blueprint $table): void {
            $table->string('name');
            $table->string('says');
            $table->json('size');
            $table->json('min_grades');
        });
        $this->record('tools', static function (Blueprint $table): void {
            $table->string('kind');
            $table->string('name');
            $table->string('status');
            $table->json('size');
            $table->decimal('price', 12, 2)->nullable();
        });
    }

    private function edges(): void
    {
        $this->record('stones', static function (Blueprint $table): void {
            $table->string('name');
            $table->string('scale');
            $table->string('designation');
            $table->float('cut_factor')->default(1);
            $table->float('change_seconds')->default(20);
        });
        $this->record('edges', static function (Blueprint $table): void {
            $table->foreignId('tool_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->float('width_mm');
            $table->float('thickness_mm');
            $table->float('primary_deg');
            $table->float('secondary_deg');
            $table->float('micro_width_mm');
            $table->float('finish_um');
            $table->string('condition');
            $table->string('honed_on')->nullable();
        });
        $this->record('honing_sessions', static function (Blueprint $table): void {
            $table->foreignId('edge_id')->constrained()->cascadeOnDelete();
            $table->string('condition');
            $table->json('steps');
            $table->json('counted');
            $table->unsignedInteger('at_step')->default(0);
            $table->string('phase');
            $table->string('state');
            $table->float('micro_width_after_mm');
            $table->string('started_at');
            $table->string('ended_at')->nullable();
        });
    }

    private function squares(): void
    {
        $this->record('squares', static function (Blueprint $table): void {
            $table->foreignId('tool_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('says');
            $table->float('blade_mm');
            $table->float('blade_width_mm');
            $table->float('stock_mm');
            $table->float('stock_width_mm');
            $table->float('tested_length_mm');
            $table->float('line_width_mm');
            $table->float('shaving_mm');
            $table->float('tolerance_mm');
            $table->string('instrument');
            $table->string('dropped_on')->nullable();
        });
        $this->record('square_tests', static function (Blueprint $table): void {
            $table->foreignId('square_id')->constrained()->cascadeOnDelete();
            $table->string('tested_at');
            $table->json('readings');
            $table->float('error_mm');
            $table->float('uncertainty_mm');
            $table->string('lean');
            $table->string('verdict');
            $table->unsignedInteger('shavings_taken')->nullable();
            $table->string('taken_off_at')->nullable();
        });
    }

    private function diary(): void
    {
        Schema::create('diary_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
            $table->string('written_at');
            $table->string('kind');
            $table->string('subject');
            $table->text('sentence');
            $table->json('changes');
            $table->foreignId('undoes_id')->nullable()->unique()->constrained('diary_entries');
            $table->index(['bench_id', 'id']);
        });
        AppendOnly::guard('diary_entries');
    }
};
