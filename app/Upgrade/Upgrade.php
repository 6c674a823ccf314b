<?php

declare(strict_types=1);

namespace App\Upgrade;

use App\Sum\Sums;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Brings the database up to date; one that holds records already is copied first. */
final class Upgrade
{
    /** How often a write waits for another process before it gives up, ms. */
    private const PATIENCE_MS = 20_000;

    public function __construct(
        private readonly Migrations $migrations,
        private readonly Connection $database,
        private readonly Copies $copies,
        private readonly Version $version,
    ) {
    }

    public static function ofApplication(): self
    {
        return new self(
            new Migrations(app('migrator'), DB::connection(), database_path('migrations'), 'migrations'),
            DB::connection(),
            Copies::ofApplication(),
            Version::ofProgram(),
        );
    }

    /**
     * @return string|null where the copy lies that was made; null: nothing had to be copied
     *
     * @throws RuntimeException when the copy or a migration fails; the database is as it was, or at a step between
     */
    public function run(): ?string
    {
        if ($this->migrations->unknown() !== []) {
            throw new RuntimeException(
                "This database was written by {$this->laterVersion()} of Jack Rest, and this is {$this->version}. ".
                    'Start that one, or go back to a copy.',
            );
        }
        $pending = $this->migrations->pending();
        $this->database->statement('PRAGMA busy_timeout = '.self::PATIENCE_MS);
        $copy = $pending === [] || $this->migrations->areNone() ? null : $this->copies->before($pending[0]);
        $this->migrations->take();
        app(Sums::class)->renewAll();
        $this->carryVersion();

        return $copy;
    }

    /** Whoever finds the file, a copy of it or a backup can tell what wrote it. */
    private function carryVersion(): void
    {
        if ($this->carried()->number !== $this->version->number) {
            $this->database->statement("PRAGMA user_version = {$this->version->number}");
        }
    }

    private function carried(): Version
    {
        $number = $this->database->scalar('PRAGMA user_version');

        return Version::numbered(is_int($number) ? $number : 0);
    }

    private function laterVersion(): string
    {
        $carried = $this->carried();

        return $carried->number > $this->version->number ? "version $carried" : 'a later version';
    }
}
