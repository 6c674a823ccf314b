<?php

declare(strict_types=1);

namespace App\Carry;

use Illuminate\Support\Facades\DB;

/** Lines of a file, written as rows of their table. */
final class Rows
{
    private const AT_ONCE = 200;

    /** @param  list<array<string, mixed>>  $told  as a file has them */
    public static function write(string $table, array $told): void
    {
        $columns = BenchTables::columns($table);
        foreach (array_chunk($told, self::AT_ONCE) as $some) {
            DB::table($table)->insert(array_map(static fn (array $line): array => self::row($line, $columns), $some));
        }
    }

    /**
     * @param  array<string, mixed>  $told
     * @param  array<string, Column>  $columns
     * @return array<string, mixed>
     */
    private static function row(array $told, array $columns): array
    {
        $row = [];
        foreach ($columns as $name => $column) {
            if (array_key_exists($name, $told)) {
                $row[$name] = $column->kept($told[$name]);
            }
        }

        return $row;
    }
}
