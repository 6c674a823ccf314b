<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What is written down later stands in the diary under the day it happened. */
return new class extends Migration
{
    private const INDEX = 'diary_entries_day_index';

    public function up(): void
    {
        DB::transaction(static function (): void {
            DB::statement('ALTER TABLE diary_entries ADD COLUMN happened_on VARCHAR');
            DB::statement(
                'CREATE INDEX '.self::INDEX.' ON diary_entries
                    (bench_id, coalesce(happened_on, substr(written_at, 1, 10)), id)',
            );
        });
    }

    public function down(): void
    {
        DB::transaction(static function (): void {
            DB::statement('DROP INDEX '.self::INDEX);
            DB::statement('ALTER TABLE diary_entries DROP COLUMN happened_on');
        });
    }
};
