<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('auger_bits', static fn (Blueprint $table) => $table->float('spurs_before_mm')->nullable());
    }

    public function down(): void
    {
        Schema::table('auger_bits', static fn (Blueprint $table) => $table->dropColumn('spurs_before_mm'));
    }
};
