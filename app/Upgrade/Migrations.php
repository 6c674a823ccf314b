<?php

declare(strict_types=1);

namespace App\Upgrade;

use Illuminate\Database\Connection;
use Illuminate\Database\Migrations\Migrator;
use RuntimeException;

/** Takes migrations, each in one transaction with its bookkeeping: ended in the middle, it was not taken at all. */
final readonly class Migrations
{
    public function __construct(
        private Migrator $migrator,
        private Connection $database,
        private string $folder,
        private string $table,
    ) {
    }

    /** Whether none was ever taken. */
    public function areNone(): bool
    {
        return ! $this->migrator->repositoryExists() || $this->migrator->getRepository()->getRan() === [];
    }

    /** @return list<string> names of those that were taken, as they are called now */
    public function taken(): array
    {
        return $this->areNone()
            ? []
            : MigrationNames::now(array_values($this->migrator->getRepository()->getRan()));
    }

    /** @return list<string> names of those that were not taken yet, in their order */
    public function pending(): array
    {
        return array_values(array_diff(array_keys($this->files()), $this->taken()));
    }

    /** @return list<string> names of those that this program does not know: a later one took them */
    public function unknown(): array
    {
        return array_values(array_diff($this->taken(), array_keys($this->files())));
    }

    /** @throws RuntimeException when one fails; those before it are taken, it is not */
    public function take(): void
    {
        if (! $this->areNone()) {
            MigrationNames::write($this->database, $this->table);
        }
        if (! $this->migrator->repositoryExists()) {
            $this->migrator->getRepository()->createRepository();
        }
        $files = $this->files();
        $this->migrator->requireFiles($files);
        foreach ($this->pending() as $name) {
            $this->takeOne($files[$name]);
        }
    }

    private function takeOne(string $file): void
    {
        // Tables that are laid anew are dropped under those that point to them; inside a transaction it is too late to
        // say so.
        $this->database->statement('PRAGMA foreign_keys = OFF');
        try {
            $this->database->transaction(function () use ($file): void {
                $this->migrator->runPending([$file]);
                if ($this->database->select('PRAGMA foreign_key_check') !== []) {
                    throw new RuntimeException(basename($file).' would leave rows that point to nothing.');
                }
            });
        } finally {
            $this->database->statement('PRAGMA foreign_keys = ON');
        }
    }

    /** @return array<string, string> by name */
    private function files(): array
    {
        return $this->migrator->getMigrationFiles($this->folder);
    }
}
