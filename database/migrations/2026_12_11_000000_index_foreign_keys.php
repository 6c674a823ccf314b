<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whatever refers to a record is found without reading its whole table, and so is what goes with it. */
return new class extends Migration
{
    private const KEYS = [
        'users' => ['bench_id'], 'edges' => ['tool_id'], 'stroke_counts' => ['tool_id'], 'stop_trials' => ['edge_id'],
        'look_overs' => ['tool_id'], 'photos' => ['look_over_id'], 'mends' => ['tool_id'],
        'tool_uses' => ['work_id', 'tool_id'], 'filings' => ['tool_id'], 'auger_bits' => ['tool_id'],
        'rest_visits' => ['blank_id'], 'makings' => ['tool_id'],
    ];

    public function up(): void
    {
        foreach (self::KEYS as $name => $columns) {
            foreach ($columns as $column) {
                // One that was ended in the middle goes on where it was.
                if (! Schema::hasIndex($name, [$column])) {
                    Schema::table($name, static fn (Blueprint $table) => $table->index($column));
                }
            }
        }
    }

    public function down(): void
    {
        foreach (self::KEYS as $name => $columns) {
            foreach ($columns as $column) {
                Schema::table($name, static fn (Blueprint $table) => $table->dropIndex([$column]));
            }
        }
    }
};
