<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('look_overs', static function (Blueprint $table): void {
            // As they were typed, by dimension; bare figures are in the unit.
            $table->json('sizes')->default('{}');
            $table->string('unit')->default('mm');
        });
    }

    public function down(): void
    {
        Schema::table('look_overs', static fn (Blueprint $table) => $table->dropColumn(['sizes', 'unit']));
    }
};
