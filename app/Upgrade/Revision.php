<?php

declare(strict_types=1);

namespace App\Upgrade;

use PDO;
use PDOException;

/** The count of writes that each bench carries; answers are kept, and windows ask again, by it. */
final class Revision
{
    /** The highest of a database; 0 where it has none, or cannot be read. */
    public static function highest(string $path): int
    {
        try {
            $answer = self::opened($path)->query('SELECT MAX(revision) FROM benches');
        } catch (PDOException) {
            return 0;
        }

        return $answer === false ? 0 : (int) $answer->fetchColumn();
    }

    /** Puts all of a database past a count, so that no answer that was kept before passes for one of now. */
    public static function raise(string $path, int $past): void
    {
        try {
            self::opened($path)->exec("UPDATE benches SET revision = revision + $past + 1");
        } catch (PDOException) {
            // A layout without it has kept no answers either.
        }
    }

    private static function opened(string $path): PDO
    {
        return new PDO("sqlite:$path", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }
}
