<?php

declare(strict_types=1);

use Database\Relay\EventEntries;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** An entry keeps what was typed, to be corrected; each line of an imported file has an entry of its own. */
return new class extends Migration
{
    private const INDEX = 'diary_entries_part_of_id_index';

    public function up(): void
    {
        DB::transaction(static function (): void {
            DB::statement('ALTER TABLE diary_entries ADD COLUMN part_of_id INTEGER');
            DB::statement(
                'ALTER TABLE diary_entries ADD COLUMN typed TEXT CHECK (typed IS NULL OR json_valid(typed))',
            );
            DB::statement('CREATE INDEX '.self::INDEX.' ON diary_entries (part_of_id)');
            EventEntries::write();
        });
    }

    /** The lines stay in the diary: what has been written there is not taken out. */
    public function down(): void
    {
        DB::transaction(static function (): void {
            DB::statement('DROP INDEX '.self::INDEX);
            DB::statement('ALTER TABLE diary_entries DROP COLUMN typed');
            DB::statement('ALTER TABLE diary_entries DROP COLUMN part_of_id');
        });
    }
};
