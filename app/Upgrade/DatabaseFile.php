<?php

declare(strict_types=1);

namespace App\Upgrade;

use PDO;
use PDOException;

/** The file that all records are in: whether it is there, whole, and ours. */
final readonly class DatabaseFile
{
    public function __construct(public string $path)
    {
    }

    public static function ofApplication(): self
    {
        $path = config('database.connections.sqlite.database');

        return new self(is_string($path) ? $path : '');
    }

    public function isEmpty(): bool
    {
        clearstatcache(true, $this->path);

        return ! is_file($this->path) || filesize($this->path) === 0;
    }

    /** What is wrong with it, in one sentence; null: it can be worked with. */
    public function trouble(): ?string
    {
        if ($this->isEmpty()) {
            return is_file($this->path) ? 'the file is empty.' : 'there is no such file.';
        }
        try {
            $database = new PDO("sqlite:{$this->path}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $check = CheckedCopy::quickCheck($database);
            $tables = array_keys(CheckedCopy::rows($database));
        } catch (PDOException) {
            return 'it is damaged, or no database at all.';
        }

        return match (true) {
            $check !== 'ok' => 'it is damaged.',
            $tables !== [] && ! in_array('migrations', $tables, true) => 'it is the database of another program.',
            default => null,
        };
    }
}
