<?php

declare(strict_types=1);

namespace App\Backup;

/** One backup, as it lies in its folder. */
final readonly class Backup
{
    private function __construct(
        public string $path,
        public string $name,
        public BackupKind $kind,
        public int $at,
        public int $bytes,
    ) {
    }

    /** Null: it is none. */
    public static function at(string $path): ?self
    {
        $name = basename($path, '.sqlite');
        $kind = BackupKind::tryFrom((string) strstr($name, '-', true));

        return $kind === null || ! is_file($path)
            ? null
            : new self($path, $name, $kind, (int) filemtime($path), (int) filesize($path));
    }
}
