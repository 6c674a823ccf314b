<?php

declare(strict_types=1);

namespace App\Carry;

use App\Upgrade\Copies;
use App\Upgrade\DatabaseFile;
use App\Upgrade\LeftOver;
use App\Upgrade\Opening;
use App\Upgrade\Upgrade;
use App\Upgrade\UseOfDatabase;
use Illuminate\Support\Facades\DB;

/** A database that is filled beside the one there is, and takes its place once it is whole. */
final class NewDatabase
{
    private const PATH = 'database.connections.sqlite.database';

    /**
     * @template T
     *
     * @param  callable(): T  $fill
     * @return array{T, string|null} what was made, and where lies what was there before; null: nothing was
     */
    public static function with(callable $fill): array
    {
        return UseOfDatabase::ofApplication()->alone(static fn (): array => self::filled($fill));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $fill
     * @return array{T, string|null}
     */
    private static function filled(callable $fill): array
    {
        $path = DatabaseFile::ofApplication()->path;
        $beside = $path.LeftOver::BROUGHT;
        @unlink($beside);
        try {
            self::open($beside);
            Opening::ofApplication()->lay();
            Upgrade::ofApplication()->run();
            $made = $fill();
            DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        } finally {
            self::open($path);
        }
        $aside = Copies::ofApplication()->layAside();
        rename($beside, $path);
        foreach (['-wal', '-shm'] as $part) {
            @unlink($beside.$part);
        }

        return [$made, $aside];
    }

    private static function open(string $path): void
    {
        config([self::PATH => $path]);
        DB::purge();
    }
}
