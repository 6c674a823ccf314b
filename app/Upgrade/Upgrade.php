<?php

declare(strict_types=1);

namespace App\Upgrade;

use Illuminate\Database\Connection;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Brings the database up to date; one that holds records already is copied first. */
final class Upgrade
{
    /** How often a write waits for another process before it gives up, ms. */
    private const PATIENCE_MS = 20_000;

    private const TABLE = 'migrations';

    public function __construct(
        private readonly Migrator $migrator,
        private readonly Connection $database,
        private readonly string $migrations,
        private readonly string $copies,
    ) {
    }

    public static function ofApplication(): self
    {
        return new self(app('migrator'), DB::connection(), database_path('migrations'), storage_path('copies'));
    }

    /**
     * @return string|null where the copy lies that was made; null: nothing had to be copied
     *
     * @throws RuntimeException when the copy or a migration fails; the database is as it was, or at a step between
     */
    public function run(): ?string
    {
        $pending = $this->pending();
        if ($pending === []) {
            $this->nameAsNow();

            return null;
        }
        $this->database->statement('PRAGMA busy_timeout = '.self::PATIENCE_MS);
        $copy = $this->isNew() ? null : $this->copyBefore($pending[0]);
        $this->nameAsNow();
        if (Artisan::call('migrate', ['--force' => true]) !== 0) {
            throw new RuntimeException(trim(Artisan::output()));
        }

        return $copy;
    }

    /** @return list<string> names of the migrations that have not run */
    private function pending(): array
    {
        $all = array_keys($this->migrator->getMigrationFiles($this->migrations));

        $ran = $this->isNew() ? [] : array_values($this->migrator->getRepository()->getRan());

        return array_values(array_diff($all, MigrationNames::now($ran)));
    }

    private function nameAsNow(): void
    {
        if (! $this->isNew()) {
            MigrationNames::write($this->database, self::TABLE);
        }
    }

    private function isNew(): bool
    {
        return ! $this->migrator->repositoryExists() || $this->migrator->getRepository()->getRan() === [];
    }

    /** Every attempt has a copy of its own: an older one may hold less. */
    private function copyBefore(string $migration): string
    {
        $path = "{$this->copies}/before-$migration-".gmdate('Ymd\THis\Z').'.sqlite';
        CheckedCopy::make($this->database->getPdo(), $path);

        return $path;
    }
}
