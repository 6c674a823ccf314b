<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('straights', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('tool_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->float('length_mm');
            $table->float('height_mm')->nullable();
            $table->float('least_mm')->nullable();
            $table->float('line_width_mm')->default(0.05);
            $table->float('shaving_mm')->default(0.05);
            $table->float('tolerance_mm')->default(0.1);
            $table->string('instrument')->default('loupe');
            $table->string('dropped_on')->nullable();
        });
        Schema::create('straight_tests', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('straight_id')->constrained()->cascadeOnDelete();
            $table->string('tested_at');
            $table->json('readings');
            $table->float('straightness_mm');
            $table->float('uncertainty_mm');
            $table->string('shape');
            $table->string('verdict');
            $table->unsignedInteger('strokes_taken')->nullable();
        });
        $this->thoseThatHangAlready();
        $this->squaresToo();
    }

    public function down(): void
    {
        Schema::dropIfExists('straight_tests');
        Schema::dropIfExists('straights');
    }

    /** Straightedges hung up before they could be tested. */
    private function thoseThatHangAlready(): void
    {
        foreach (
            DB::table('tools')
                ->where('kind', 'straightedge')
                ->where('status', 'owned')
                ->whereNull('deleted_at')
                ->get() as $tool
        ) {
            $size = (array) json_decode((string) $tool->size, true);
            DB::table('straights')->insert([
                'bench_id' => $tool->bench_id,
                'tool_id' => $tool->id,
                'name' => $tool->name,
                'length_mm' => $size['length'] ?? 900,
                'height_mm' => $size['width'] ?? 50,
            ]);
        }
    }

    /** Squares hung up by their users, who could not test them either. */
    private function squaresToo(): void
    {
        $tools = DB::table('tools')
            ->whereIn('kind', ['try-square', 'large-square'])
            ->where('status', 'owned')
            ->whereNull('deleted_at')
            ->whereNotIn('id', DB::table('squares')->select('tool_id'));
        foreach ($tools->get() as $tool) {
            $size = (array) json_decode((string) $tool->size, true);
            $blade = $size['blade'] ?? 200;
            DB::table('squares')->insert([
                'bench_id' => $tool->bench_id,
                'tool_id' => $tool->id,
                'name' => $tool->name,
                'says' => 'not tested yet',
                'blade_mm' => $blade,
                'blade_width_mm' => $size['bladeWidth'] ?? 40,
                'stock_mm' => $size['stock'] ?? min(120, $blade),
                'stock_width_mm' => $size['stockWidth'] ?? 40,
                'tested_length_mm' => $blade,
                'line_width_mm' => 0.05,
                'shaving_mm' => 0.05,
                'tolerance_mm' => 0.1,
                'instrument' => 'loupe',
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
