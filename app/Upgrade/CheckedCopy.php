<?php

declare(strict_types=1);

namespace App\Upgrade;

use App\Http\Sent;
use PDO;
use RuntimeException;

/** A copy of a database as one file, read back and compared before anybody relies on it. */
final class CheckedCopy
{
    /**
     * Writes the copy beside its last place first, so that a kill in the middle leaves no half of one under its name.
     *
     * @throws RuntimeException when the copy is damaged or holds less than the original; it is thrown away then
     */
    public static function make(PDO $database, string $path): void
    {
        $half = "$path.half";
        @mkdir(dirname($path), recursive: true);
        @unlink($half);
        $database->exec('VACUUM INTO '.$database->quote($half));
        $copy = new PDO("sqlite:$half", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        if (self::integrity($copy) !== 'ok' || self::rows($copy) !== self::rows($database)) {
            unlink($half);

            throw new RuntimeException("The copy of the database at $path is not whole; nothing was changed.");
        }
        rename($half, $path);
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

    /** @return list<string> */
    private static function column(PDO $database, string $sql): array
    {
        $answer = $database->query($sql);

        return $answer === false ? [] : array_values(Sent::texts($answer->fetchAll(PDO::FETCH_COLUMN)));
    }
}
