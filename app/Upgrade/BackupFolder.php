<?php

declare(strict_types=1);

namespace App\Upgrade;

/** Where backups lie: beside the database, and in the folder that was chosen, whose path is kept beside it, too. */
final class BackupFolder
{
    public static function usual(): string
    {
        return storage_path('backups');
    }

    public static function settingsFile(): string
    {
        return storage_path('backup.json');
    }

    /** @return array<string, mixed> as they were kept; empty: none were */
    public static function settings(): array
    {
        $kept = json_decode((string) @file_get_contents(self::settingsFile()), true);

        if (! is_array($kept)) {
            return [];
        }
        $named = [];
        foreach ($kept as $name => $value) {
            $named[(string) $name] = $value;
        }

        return $named;
    }

    /** @return list<string> */
    public static function all(): array
    {
        $chosen = self::settings()['folder'] ?? null;

        return array_values(array_unique([self::usual(), ...is_string($chosen) ? [$chosen] : []]));
    }
}
