<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/** Lets the database itself refuse to change or delete what has been written. */
final class AppendOnly
{
    private const VERBS = ['UPDATE', 'DELETE'];

    public static function guard(string $table): void
    {
        foreach (self::VERBS as $verb) {
            DB::statement(
                "CREATE TRIGGER {$table}_no_{$verb} BEFORE $verb ON $table BEGIN SELECT RAISE(ABORT, '$table is "
                    ."append-only'); END",
            );
        }
    }

    /** For putting the demo bench back, and nothing else. */
    public static function unguarded(string $table, callable $work): void
    {
        foreach (self::VERBS as $verb) {
            DB::statement("DROP TRIGGER {$table}_no_{$verb}");
        }
        $work();
        self::guard($table);
    }
}
