<?php

declare(strict_types=1);

namespace Database\Relay;

use Illuminate\Support\Facades\DB;

/**
 * Lays a table anew with what its columns are known to hold, as SQLite's own documentation tells (lang_altertable, 7):
 * a new table, everything copied, the old one dropped, the new one renamed, its indexes and triggers made again.
 *
 * Foreign keys must be off, or dropping the old table would delete what refers to it.
 */
final class Promises
{
    /** @param  list<string>  $promises  conditions in SQL; one that a row breaks already is left out, the row stays */
    public static function make(string $table, array $promises): void
    {
        $kept = array_filter($promises, static fn (string $promise): bool => self::holds($table, $promise));
        $checks = implode('', array_map(self::check(...), $kept));
        self::layAnew($table, static fn (string $sql): string => substr($sql, 0, (int) strrpos($sql, ')')).$checks.')');
    }

    /** @param  list<string>  $promises */
    public static function takeBack(string $table, array $promises): void
    {
        $checks = array_map(self::check(...), $promises);
        self::layAnew($table, static fn (string $sql): string => str_replace($checks, '', $sql));
    }

    /** One text of the statement that creates it in the place of another. */
    public static function exchange(string $table, string $from, string $to): void
    {
        self::layAnew($table, static fn (string $sql): string => str_replace($from, $to, $sql));
    }

    private static function check(string $promise): string
    {
        return ", CHECK ($promise)";
    }

    /** Null breaks no promise, as in a CHECK. */
    private static function holds(string $table, string $promise): bool
    {
        return DB::selectOne("SELECT 1 FROM \"$table\" WHERE NOT ($promise) LIMIT 1") === null;
    }

    /** @param  callable(string): string  $change  of the statement that creates it */
    private static function layAnew(string $table, callable $change): void
    {
        /** @var list<object{type: string, sql: string}> $parts */
        $parts = DB::select('SELECT type, sql FROM sqlite_master WHERE tbl_name = ? AND sql IS NOT NULL', [$table]);
        $create = array_values(array_filter($parts, static fn (object $part): bool => $part->type === 'table'))[0]->sql;
        $new = "{$table}_anew";
        $named = preg_replace('/^CREATE TABLE (?:"[^"]+"|\S+)/', "CREATE TABLE \"$new\"", $change($create));
        DB::statement((string) $named);
        DB::statement("INSERT INTO \"$new\" SELECT * FROM \"$table\"");
        DB::statement("DROP TABLE \"$table\"");
        DB::statement("ALTER TABLE \"$new\" RENAME TO \"$table\"");
        foreach ($parts as $part) {
            if ($part->type !== 'table') {
                DB::statement($part->sql);
            }
        }
    }
}
