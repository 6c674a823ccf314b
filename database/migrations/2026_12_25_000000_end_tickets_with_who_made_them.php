<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What somebody handed out ends when the device that handed it out is signed out. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE tickets ADD COLUMN sign_in_id INTEGER REFERENCES sign_ins (id) ON DELETE CASCADE');
        DB::statement('CREATE INDEX tickets_sign_in_id_index ON tickets (sign_in_id)');
    }

    public function down(): void
    {
        DB::statement('DROP INDEX tickets_sign_in_id_index');
        DB::statement('ALTER TABLE tickets DROP COLUMN sign_in_id');
    }
};
