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
        $this->rack();
        $this->edges();
        $this->sessions();
        $this->guides();
        $this->records();
    }

    public function down(): void
    {
        foreach (['imported_files', 'stop_trials', 'edge_events', 'guides'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    private function rack(): void
    {
        Schema::table('stones', static function (Blueprint $table): void {
            $table->string('medium')->default('waterstone');
            $table->decimal('price', 12, 2)->nullable();
            $table->unsignedInteger('lasts_edges')->nullable();
            $table->string('flattened_at')->nullable();
            $table->string('begun_at')->nullable();
        });
    }

    private function edges(): void
    {
        Schema::table('edges', static function (Blueprint $table): void {
            $table->string('form')->default('chisel');
            $table->string('duty')->default('general');
            $table->string('steel')->default('unknown');
            $table->float('bed_deg')->nullable();
            $table->boolean('bevel_up')->default(false);
            $table->float('back_bevel_deg')->default(0);
            $table->float('skew_deg')->default(0);
            $table->float('radius_mm')->nullable();
            $table->float('wheel_mm')->nullable();
            $table->float('honed_mm')->default(0);
            $table->float('left_mm')->nullable();
            $table->float('aim_deg')->nullable();
        });
        DB::table('edges')->update(['aim_deg' => DB::raw('secondary_deg')]);
        $this->whatTheyAre();
    }

    /** Edges were kept without saying what they are: their tools do. */
    private function whatTheyAre(): void
    {
        $irons = DB::table('tools')->where('kind', 'like', '%plane%')->orWhere('kind', 'like', '%jack%')->pluck('id');
        DB::table('edges')
            ->whereIn('tool_id', $irons)
            ->update(['form' => 'plane-iron', 'bed_deg' => 45]);
        $knives = DB::table('tools')->where('kind', 'like', '%knife%')->pluck('id');
        DB::table('edges')
            ->whereIn('tool_id', $knives)
            ->update(['form' => 'knife']);
    }

    private function sessions(): void
    {
        Schema::table('honing_sessions', static function (Blueprint $table): void {
            $table->foreignId('edge_id')->nullable()->change();
            // What becomes of each edge when the session ends well: {edge id: {column: value}}.
            $table->json('becomes')->default('{}');
            $table->string('title')->default('');
        });
        foreach (DB::table('honing_sessions')->get() as $session) {
            $becomes = [
                (int) $session->edge_id => [
                    'condition' => 'sharp',
                    'micro_width_mm' => (float) $session->micro_width_after_mm,
                ],
            ];
            DB::table('honing_sessions')
                ->where('id', $session->id)
                ->update(['becomes' => json_encode($becomes, JSON_THROW_ON_ERROR)]);
        }
        Schema::table('honing_sessions', static fn (Blueprint $table) => $table->dropColumn('micro_width_after_mm'));
    }

    private function guides(): void
    {
        Schema::create('guides', static function (Blueprint $table): void {
            self::record($table);
            $table->string('name');
            $table->string('seat');
            $table->float('roller_mm');
            $table->json('settings');
            $table->json('stops');
        });
    }

    private function records(): void
    {
        Schema::create('edge_events', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('edge_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->string('happened_at');
            $table->float('minutes')->nullable();
            $table->string('wood')->nullable();
            $table->unsignedInteger('strokes')->nullable();
            $table->string('found')->nullable();
            $table->float('deg')->nullable();
            $table->float('give_deg')->nullable();
            $table->float('recession_mm')->nullable();
            $table->string('stone')->nullable();
            $table->string('note')->default('');
            $table->index(['edge_id', 'happened_at']);
        });
        Schema::create('stop_trials', static function (Blueprint $table): void {
            self::record($table);
            $table->foreignId('edge_id')->constrained()->cascadeOnDelete();
            $table->string('tried_at');
            $table->json('sides');
            $table->string('wood');
            $table->float('kept_um')->nullable();
            $table->string('note')->default('');
        });
        Schema::create('imported_files', static function (Blueprint $table): void {
            self::record($table);
            $table->string('what');
            $table->string('name');
            $table->string('fingerprint');
            $table->unsignedInteger('lines');
            $table->index(['bench_id', 'fingerprint']);
        });
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
