<?php

declare(strict_types=1);

namespace App\Carry;

use Illuminate\Support\Facades\DB;

/** What a bench is made of, as the database itself tells: every table whose rows say which bench they are of. */
final class BenchTables
{
    /** Worked out anew from the others, or of the machine and its people. */
    private const NOT_CARRIED = ['sent_requests', 'memberships', 'sign_ins', 'tickets', 'users'];

    /** Words, where every other column of type TEXT holds JSON. */
    private const WORDS = ['sentence'];

    /** @return list<string> in the order of their names */
    public static function all(): array
    {
        /** @var list<object{name: string}> $tables */
        $tables = DB::select("SELECT m.name AS name FROM sqlite_master m, pragma_table_info(m.name) c
            WHERE m.type = 'table' AND c.name = 'bench_id' ORDER BY m.name");
        $names = array_map(static fn (object $row): string => $row->name, $tables);

        return array_values(array_diff($names, self::NOT_CARRIED));
    }

    /** @return array<string, Column> by name, in the order of the names */
    public static function columns(string $table): array
    {
        $columns = [];
        /** @var list<object{name: string, type: string, required: int}> $rows */
        $rows = DB::select('SELECT name, type, "notnull" AS required FROM pragma_table_info(?)', [$table]);
        foreach ($rows as $row) {
            $type = strtolower($row->type);
            $columns[$row->name] = new Column(
                match (true) {
                    $type === 'text' && ! in_array($row->name, self::WORDS, true) => Column::JSON,
                    str_contains($type, 'int') => 'integer',
                    in_array($type, ['float', 'numeric'], true) => 'number',
                    default => 'string',
                },
                $row->required === 1,
            );
        }
        ksort($columns);

        return $columns;
    }
}
