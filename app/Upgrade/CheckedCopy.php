<?php

declare(strict_types=1);

namespace App\Upgrade;

use App\Http\Sent;
use Exception;
use PDO;
use RuntimeException;
use SQLite3;

/** A copy of a database as one file, read back and compared before anybody relies on it. */
final class CheckedCopy
{
    /**
     * Copies a database that may be in use, page by page (SQLite's backup), beside its last place first: a kill in the
     * middle leaves no half of one under its name.
     *
     * @throws RuntimeException when the copy is damaged or holds less than the original; it is thrown away then
     */
    public static function make(string $from, string $path): void
    {
        $half = "$path.half";
        @mkdir(dirname($path), 0700, true);
        @unlink($half);
        try {
            // Nobody writes meanwhile, or the two could not be compared; whoever wants to waits this moment.
            $held = self::opened($from);
            $held->exec('PRAGMA busy_timeout = 10000');
            $held->exec('BEGIN IMMEDIATE');
            $source = new SQLite3($from, SQLITE3_OPEN_READWRITE);
            $source->enableExceptions(true);
            $source->backup(new SQLite3($half));
            $source->close();
            $isWhole = self::integrity(self::opened($half)) === 'ok'
                && self::rows(self::opened($half)) === self::rows(self::opened($from));
            $held->exec('ROLLBACK');
        } catch (Exception $why) {
            @unlink($half);

            throw new RuntimeException(
                "No copy could be made at $path; nothing was changed. {$why->getMessage()}",
                previous: $why,
            );
        }
        if (! $isWhole) {
            unlink($half);

            throw new RuntimeException("The copy of the database at $path is not whole; nothing was changed.");
        }
        chmod($half, 0600);
        rename($half, $path);
    }

    private static function opened(string $path): PDO
    {
        return new PDO("sqlite:$path", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    /** @return array<string, int> how many rows each table has */
    public static function rows(PDO $database): array
    {
        $tables = self::column(
            $database,
            "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name",
        );
        $counts = array_map(
            static fn (string $table): int => (int) self::column($database, "SELECT COUNT(*) FROM \"$table\"")[0],
            $tables,
        );

        return array_combine($tables, $counts);
    }

    /** “ok”, or what is wrong with it. */
    public static function integrity(PDO $database): string
    {
        return implode("\n", self::column($database, 'PRAGMA integrity_check'));
    }

    /** The same without comparing every index: quick enough for each start. */
    public static function quickCheck(PDO $database): string
    {
        return implode("\n", self::column($database, 'PRAGMA quick_check'));
    }

    /** @return list<string> */
    private static function column(PDO $database, string $sql): array
    {
        $answer = $database->query($sql);

        return $answer === false ? [] : array_values(Sent::texts($answer->fetchAll(PDO::FETCH_COLUMN)));
    }
}
