<?php

declare(strict_types=1);

namespace App\Backup;

use App\Upgrade\BackupFolder;
use JackRest\Core\Calculation\InvalidInput;

/** Where backups lie, and how many are kept. Kept beside the database, not in it: going back changes none of it. */
final readonly class BackupSettings
{
    public const MOST = 60;

    private const DAILY = 7;

    private const WEEKLY = 8;

    /**
     * @param  string  $folder  with its whole path
     * @param  int  $daily  how many of the days; 0: none is made
     * @param  int  $weekly  how many of the weeks; 0: none is made
     */
    public function __construct(
        public string $folder,
        public int $daily = self::DAILY,
        public int $weekly = self::WEEKLY,
    ) {
    }

    public static function usual(): self
    {
        return new self(BackupFolder::usual());
    }

    public static function now(): self
    {
        $kept = BackupFolder::settings();
        $usual = self::usual();
        $count = static fn (string $name, int $usual): int => is_int($kept[$name] ?? null) ? $kept[$name] : $usual;

        return is_string($kept['folder'] ?? null)
            ? new self($kept['folder'], $count('daily', $usual->daily), $count('weekly', $usual->weekly))
            : $usual;
    }

    /** @throws InvalidInput when nothing can be written there */
    public function keep(): void
    {
        if (! str_starts_with($this->folder, '/')) {
            throw InvalidInput::because('folder', 'Type the whole path of a folder, such as /media/disk/backups.');
        }
        if ((! is_dir($this->folder) && ! @mkdir($this->folder, 0700, true)) || ! is_writable($this->folder)) {
            throw InvalidInput::because('folder', 'Nothing can be written to that folder.');
        }
        $half = BackupFolder::settingsFile().'.half';
        file_put_contents($half, json_encode(get_object_vars($this), JSON_THROW_ON_ERROR));
        rename($half, BackupFolder::settingsFile());
    }
}
