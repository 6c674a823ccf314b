<?php

declare(strict_types=1);

namespace App\Upgrade;

use RuntimeException;

/** The copies of the database that lie beside it. */
final readonly class Copies
{
    /** @param  list<string>  $others  folders with backups */
    public function __construct(private string $database, private string $folder, private array $others = [])
    {
    }

    public static function ofApplication(): self
    {
        return new self(DatabaseFile::ofApplication()->path, storage_path('copies'), BackupFolder::all());
    }

    /**
     * Every attempt has a copy of its own: an older one may hold less.
     *
     * @throws RuntimeException when it cannot be made whole
     */
    public function before(string $migration): string
    {
        $path = "{$this->folder}/before-$migration-".gmdate('Ymd\THis\Z').'.sqlite';
        CheckedCopy::make($this->database, $path);

        return $path;
    }

    /** @return array<string, string> when each was made, ready to be read, by its path; the latest first */
    public function all(): array
    {
        $copies = [];
        foreach ([$this->folder, ...$this->others] as $folder) {
            foreach ((array) glob("$folder/*.sqlite") as $path) {
                $copies[(string) $path] = (int) filemtime((string) $path);
            }
        }
        arsort($copies);

        return array_map(static fn (int $at): string => gmdate('j M Y, H:i', $at).' UTC', $copies);
    }

    /**
     * Puts a copy in place; what stood there is laid aside and kept.
     *
     * @return string|null where that lies now; null: there was none
     *
     * @throws RuntimeException when it is no whole copy
     */
    public function takeBack(string $copy): ?string
    {
        $trouble = (new DatabaseFile($copy))->trouble();
        if ($trouble !== null) {
            throw new RuntimeException("$copy is no copy to go back to: $trouble");
        }
        $revision = Revision::highest($this->database);
        $aside = $this->layAside();
        CheckedCopy::make($copy, $this->database);
        Revision::raise($this->database, $revision);

        return $aside;
    }

    /**
     * Puts the database away under another name, where no start takes it for a copy.
     *
     * @return string|null where it lies now; null: there was none
     *
     * @throws RuntimeException when it cannot be moved
     */
    public function layAside(): ?string
    {
        if (! is_file($this->database)) {
            return null;
        }
        $aside = "{$this->folder}/laid-aside-".gmdate('Ymd\THis\Z').'.database';
        @mkdir($this->folder, 0700, true);
        foreach (['', '-wal', '-shm'] as $part) {
            if (is_file($this->database.$part) && ! rename($this->database.$part, $aside.$part)) {
                throw new RuntimeException("{$this->database}$part could not be laid aside; nothing was changed.");
            }
        }

        return $aside;
    }
}
