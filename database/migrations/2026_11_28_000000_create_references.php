<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Kinds of tool that have been references all along, and as what they are tested. */
    private const KINDS = ['winding-sticks' => 'sticks', 'dovetail-template' => 'slope'];

    public function up(): void
    {
        Schema::create('references', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('tool_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->string('name');
            // The figures that a test begins with, by name: mm, or bare numbers.
            $table->json('fields');
            $table->float('tolerance_mm');
            $table->string('instrument')->default('feeler');
            $table->string('dropped_on')->nullable();
        });
        Schema::create('reference_tests', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('reference_id')->constrained()->cascadeOnDelete();
            $table->string('tested_at');
            $table->json('readings');
            $table->float('error_mm');
            $table->float('uncertainty_mm');
            $table->string('verdict');
            $table->string('found')->nullable();
            $table->string('taken')->nullable();
        });
        $this->squaresAndStraights();
        $this->people();
        $this->thoseThatHangAlready();
    }

    public function down(): void
    {
        Schema::dropIfExists('reference_tests');
        Schema::dropIfExists('references');
    }

    private function squaresAndStraights(): void
    {
        Schema::table('squares', static function (Blueprint $table): void {
            $table->boolean('metal')->default(false);
            $table->float('least_mm')->nullable();
        });
        Schema::table('square_tests', static fn (Blueprint $table) => $table->string('edge')->default('outer'));
        Schema::table('straights', static fn (Blueprint $table) => $table->float('flat_to_mm')->default(0.02));
        Schema::table('honing_sessions', static function (Blueprint $table): void {
            // The test whose strokes are being planed; an honing has neither.
            $table->foreignId('square_test_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('straight_test_id')->nullable()->constrained()->cascadeOnDelete();
        });
    }

    private function people(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->float('paper_mm')->nullable();
            $table->string('instrument')->nullable();
            $table->string('instrument_url')->nullable();
        });
    }

    private function thoseThatHangAlready(): void
    {
        $fields = ['sticks' => ['length' => 450], 'slope' => (object) []];
        foreach (
            DB::table('tools')
                ->whereIn('kind', array_keys(self::KINDS))
                ->where('status', 'owned')
                ->whereNull('deleted_at')
                ->get() as $tool
        ) {
            $kind = self::KINDS[$tool->kind];
            $size = (array) json_decode((string) $tool->size, true);
            $begins = $kind === 'sticks' && isset($size['length']) ? ['length' => $size['length']] : $fields[$kind];
            DB::table('references')->insert([
                'bench_id' => $tool->bench_id,
                'tool_id' => $tool->id,
                'kind' => $kind,
                'name' => $tool->name,
                'fields' => json_encode($begins, JSON_THROW_ON_ERROR),
                'tolerance_mm' => $kind === 'sticks' ? 0.3 : 0.1,
            ]);
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
