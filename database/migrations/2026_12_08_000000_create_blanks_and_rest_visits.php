<?php

declare(strict_types=1);

use App\Ledger\RecordColumns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('blanks', static function (Blueprint $table): void {
            RecordColumns::on($table);
            $table->string('name');
            $table->string('species');
            foreach (['length_mm', 'width_mm', 'thickness_mm', 'ring_deg'] as $figure) {
                $table->float($figure);
            }
            $table->float('runout_deg')->nullable();
            $table->string('figure')->default('straight');
            $table->string('knots')->default('none');
        });
        Schema::create('rest_visits', static function (Blueprint $table): void {
            RecordColumns::on($table);
            $table->foreignId('blank_id')->constrained()->cascadeOnDelete();
            $table->string('measured_at');
            foreach (['bow_mm', 'wind_mm', 'cup_mm'] as $figure) {
                $table->float($figure);
            }
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rest_visits');
        Schema::dropIfExists('blanks');
    }
};
