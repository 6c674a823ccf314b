<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Database\Schema\Blueprint;

/**
 * What every record has so that the ledger can keep it: its bench, its version, and a way to lay it aside. For
 * migrations.
 */
final class RecordColumns
{
    public static function on(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('bench_id')->constrained()->cascadeOnDelete();
        $table->unsignedInteger('version')->default(1);
        $table->softDeletes();
        $table->timestamps();
        $table->index(['bench_id', 'deleted_at']);
    }
}
