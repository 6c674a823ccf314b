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
    ) {
    }

    public static function ofApplication(): self
    {
        return new self(
            new Migrations(app('migrator'), DB::connection(), database_path('migrations'), 'migrations'),
            DB::connection(),
            Copies::ofApplication(),
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
                'This database was written by a later version of Jack Rest. Start that one, or take a copy back.',
            );
        }
        $pending = $this->migrations->pending();
        $this->database->statement('PRAGMA busy_timeout = '.self::PATIENCE_MS);
        $copy = $pending === [] || $this->migrations->areNone() ? null : $this->copies->before($pending[0]);
        $this->migrations->take();
        app(Sums::class)->renewAll();

        return $copy;
    }
}
