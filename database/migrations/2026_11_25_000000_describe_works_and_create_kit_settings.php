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
        Schema::table('works', static function (Blueprint $table): void {
            $table->string('pattern')->nullable();
            $table->json('measures')->default('{}');
            $table->json('steps')->default('[]');
            $table->string('hardness')->default('medium');
            $table->float('weight')->default(1);
            $table->string('due_on')->nullable();
            $table->boolean('chosen')->default(true);
        });
        $this->carryWorksOver();
        Schema::table('works', static fn (Blueprint $table) => $table->dropColumn('size'));
        DB::table('tools')
            ->where('kind', 'sharpening-stones')
            ->update(['kind' => 'waterstones']);
        Schema::create('kit_settings', static function (Blueprint $table): void {
            self::record($table);
            $table->json('answers');
            $table->json('overrules');
            $table->decimal('per_month', 12, 2)->nullable();
            $table->decimal('budget', 12, 2)->nullable();
            $table->unsignedInteger('floor')->nullable();
        });
        Schema::create('stroke_counts', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('tool_id')->constrained()->cascadeOnDelete();
            $table->float('thickness_mm');
            $table->float('depth_mm');
            $table->string('hardness');
            $table->unsignedInteger('strokes');
            $table->string('counted_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('stroke_counts');
        Schema::dropIfExists('kit_settings');
    }

    /** Works were kept by size and grades: a box with dovetails and a rebate. */
    private function carryWorksOver(): void
    {
        foreach (DB::table('works')->get() as $work) {
            /** @var array{lengthMm: float, heightMm: float, boardMm: float, tails: int, rebateMm: float} $size */
            $size = json_decode((string) $work->size, true, flags: JSON_THROW_ON_ERROR);
            DB::table('works')
                ->where('id', $work->id)
                ->update([
                    'pattern' => 'dovetailed-box',
                    'hardness' => 'soft',
                    'measures' => json_encode(
                        [
                            'length' => $size['lengthMm'],
                            'height' => $size['heightMm'],
                            'thickness' => $size['boardMm'],
                            'tails' => $size['tails'],
                            'rebate' => $size['rebateMm'],
                        ],
                        JSON_THROW_ON_ERROR,
                    ),
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
