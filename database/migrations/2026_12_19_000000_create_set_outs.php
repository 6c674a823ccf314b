<?php

declare(strict_types=1);

use Database\Relay\Promises;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What was set out for a work: the numbers as they were typed, so that its card of settings can be made again. And
 * bench mode counts what is cut to them.
 */
return new class extends Migration
{
    private const KINDS = "'bit-filing', 'making')";

    private const KINDS_AND_CUTTING = "'bit-filing', 'making', 'cutting')";

    public function up(): void
    {
        DB::statement(
            'CREATE TABLE set_outs (
                id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
                bench_id INTEGER NOT NULL REFERENCES benches (id) ON DELETE CASCADE,
                work_id INTEGER NOT NULL REFERENCES works (id) ON DELETE CASCADE,
                question VARCHAR NOT NULL,
                name VARCHAR NOT NULL DEFAULT \'\',
                typed TEXT NOT NULL CHECK (json_valid(typed)),
                choices TEXT NOT NULL CHECK (json_valid(choices)),
                version INTEGER NOT NULL DEFAULT 1,
                deleted_at DATETIME,
                created_at DATETIME,
                updated_at DATETIME)',
        );
        DB::statement('CREATE INDEX set_outs_bench_id_deleted_at_index ON set_outs (bench_id, deleted_at)');
        DB::statement('CREATE INDEX set_outs_work_id_index ON set_outs (work_id)');
        Promises::exchange('bench_sessions', self::KINDS, self::KINDS_AND_CUTTING);
    }

    public function down(): void
    {
        DB::statement("DELETE FROM bench_sessions WHERE kind = 'cutting'");
        Promises::exchange('bench_sessions', self::KINDS_AND_CUTTING, self::KINDS);
        DB::statement('DROP TABLE set_outs');
    }
};
