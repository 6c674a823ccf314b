<?php

declare(strict_types=1);

namespace App\Upgrade;

use Closure;
use RuntimeException;

/**
 * Who uses the database: requests side by side, or one that puts another in its place, alone.
 *
 * Two locks on files, which end with the process that holds them, however that ends. Whoever replaces the database
 * closes the door first, so that nobody new comes in, and then waits until those inside have left: nothing that was
 * answered for can fall between the copy that is set aside and the one that takes its place.
 */
final readonly class UseOfDatabase
{
    private const DOOR = 'database-door.lock';

    private const INSIDE = 'database-use.lock';

    private const PATIENCE_SECONDS = 30.0;

    private const LOOK_MICROSECONDS = 10_000;

    /** @param  string  $folder  which the database is in */
    public function __construct(private string $folder)
    {
    }

    public static function ofApplication(): self
    {
        return new self(storage_path());
    }

    /** @return Closure(): void|null what ends the use; null: the database is being replaced */
    public function shared(): ?Closure
    {
        $door = $this->opened(self::DOOR);
        $inside = $this->opened(self::INSIDE);
        if ($door === null || $inside === null) {
            // On a disk that takes no more there is nothing to lock, and reading goes on all the same.
            return static function (): void {
            };
        }
        if (! flock($door, LOCK_SH | LOCK_NB)) {
            return null;
        }
        flock($inside, LOCK_SH);
        fclose($door);

        return static function () use ($inside): void {
            // More than once where one process answers several requests, as tests do.
            if (is_resource($inside)) {
                fclose($inside);
            }
        };
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws RuntimeException when somebody else replaces it, or a request goes on for long; nothing was changed then
     */
    public function alone(Closure $work, float $patienceSeconds = self::PATIENCE_SECONDS): mixed
    {
        $door = $this->opened(self::DOOR);
        $inside = $this->opened(self::INSIDE);
        if ($door === null || $inside === null) {
            throw new RuntimeException('Nothing can be written beside the database; nothing was changed.');
        }
        $until = microtime(true) + $patienceSeconds;
        while (! flock($door, LOCK_EX | LOCK_NB) || ! flock($inside, LOCK_EX | LOCK_NB)) {
            if (microtime(true) > $until) {
                throw new RuntimeException('The database is in use. Try again in a moment; nothing was changed.');
            }
            usleep(self::LOOK_MICROSECONDS);
        }
        try {
            return $work();
        } finally {
            fclose($inside);
            fclose($door);
        }
    }

    /** @return resource|null */
    private function opened(string $name): mixed
    {
        $file = @fopen("{$this->folder}/$name", 'c');

        return $file === false ? null : $file;
    }
}
