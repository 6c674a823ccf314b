<?php

declare(strict_types=1);

use App\Ledger\RecordColumns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const REFERENCES = ['squares', 'straights', 'references'];

    public function up(): void
    {
        // One row for each file taken in, not for each of its thousands of lines: it comes and goes as a whole.
        Schema::create('climate_stretches', static function (Blueprint $table): void {
            RecordColumns::on($table);
            $table->string('name');
            $table->json('readings');
            // The same in quarters of a day, as wood feels it: years of it are read at each keystroke.
            $table->json('rests');
        });
        foreach (self::REFERENCES as $references) {
            Schema::table($references, static fn (Blueprint $table) => $table->json('wood')->nullable());
        }
    }

    public function down(): void
    {
        foreach (self::REFERENCES as $references) {
            Schema::table($references, static fn (Blueprint $table) => $table->dropColumn('wood'));
        }
        Schema::dropIfExists('climate_stretches');
    }
};
