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
        Schema::create('makings', static function (Blueprint $table): void {
            RecordColumns::on($table);
            $table->string('plan');
            $table->string('name');
            $table->json('sizes');
            // The steps as they stood when it was begun: a plan that is bettered later changes nothing under way.
            $table->json('steps');
            $table->json('wood')->nullable();
            $table->unsignedInteger('done')->default(0);
            $table->string('waits_until')->nullable();
            $table->string('state')->default('running');
            $table->foreignId('tool_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::table(
            'honing_sessions',
            static fn (Blueprint $table) => $table
                ->foreignId('making_id')
                ->nullable()
                ->constrained()
                ->cascadeOnDelete(),
        );
    }

    public function down(): void
    {
        Schema::table(
            'honing_sessions',
            static fn (Blueprint $table) => $table->dropConstrainedForeignId('making_id'),
        );
        Schema::dropIfExists('makings');
    }
};
