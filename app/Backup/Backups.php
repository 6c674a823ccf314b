<?php

declare(strict_types=1);

namespace App\Backup;

use App\Http\InTerminal;
use App\Http\Sent;
use App\Photo\PhotoFile;
use App\Upgrade\CheckedCopy;
use App\Upgrade\DatabaseFile;
use App\Upgrade\Revision;
use App\Upgrade\UseOfDatabase;
use Illuminate\Support\Carbon;
use PDO;
use RuntimeException;
use SQLite3;

/**
 * Backups of everything: the database as one checked file each, and the photographs, which never change, once for all
 * of them.
 */
final readonly class Backups
{
    private const DAY_SECONDS = 86_400;

    private const WEEK_SECONDS = 7 * self::DAY_SECONDS;

    public function __construct(private BackupSettings $settings, private string $database, private string $photos)
    {
    }

    public static function ofApplication(): self
    {
        return new self(BackupSettings::now(), DatabaseFile::ofApplication()->path, PhotoFile::folder());
    }

    /**
     * Made now, and read back.
     *
     * @throws RuntimeException when it cannot be made whole; nothing was changed then
     */
    public function make(BackupKind $kind): Backup
    {
        $path = $this->free($kind->value.'-'.gmdate('Ymd\THis\Z', Carbon::now()->getTimestamp()));
        CheckedCopy::make($this->database, $path);
        touch($path, Carbon::now()->getTimestamp());
        self::addFiles($this->photos, "{$this->settings->folder}/photos");
        $this->thin($kind);

        return Backup::at($path) ?? throw new RuntimeException("There is no backup at $path.");
    }

    /** Two in one second are two: the second must not stand in the place of the first. */
    private function free(string $name): string
    {
        for ($number = 1; ; $number++) {
            $path = "{$this->settings->folder}/$name".($number === 1 ? '' : "-$number").'.sqlite';
            if (! is_file($path)) {
                return $path;
            }
        }
    }

    /** Makes what is due: daily and weekly, where something was written since the last. */
    public function makeDue(): void
    {
        foreach ([BackupKind::Daily, BackupKind::Weekly] as $kind) {
            if ($this->isDue($kind)) {
                $this->make($kind);
            }
        }
    }

    public function isDue(BackupKind $kind): bool
    {
        $every = $kind === BackupKind::Daily ? self::DAY_SECONDS : self::WEEK_SECONDS;
        $last = $this->of($kind)[0] ?? null;

        return $this->kept($kind) > 0 && is_file($this->database) && ($last === null || (
            $last->at + $every <= Carbon::now()->getTimestamp() && $last->at < $this->writtenAt()
        ));
    }

    /** @return list<Backup> the latest first */
    public function all(): array
    {
        $all = array_values(array_filter(array_map(
            Backup::at(...),
            array_filter((array) glob("{$this->settings->folder}/*.sqlite"), is_string(...)),
        )));
        usort(
            $all,
            static fn (Backup $one, Backup $other): int => [$other->at, $other->name] <=> [$one->at, $one->name],
        );

        return $all;
    }

    public function named(string $name): ?Backup
    {
        foreach ($this->all() as $backup) {
            if ($backup->name === $name) {
                return $backup;
            }
        }

        return null;
    }

    /**
     * Everything as it was then, while the program runs: nobody else reads or writes meanwhile, and what stood there is
     * kept as a backup of its own.
     *
     * @throws RuntimeException when it is damaged, or of another version of the program; nothing was changed then
     */
    public function goBack(Backup $backup): Backup
    {
        return (new UseOfDatabase(dirname($this->database)))->alone(fn (): Backup => $this->replaceBy($backup));
    }

    /** @throws RuntimeException */
    private function replaceBy(Backup $backup): Backup
    {
        $trouble = (new DatabaseFile($backup->path))->trouble();
        if ($trouble !== null) {
            throw new RuntimeException("That backup cannot be gone back to: $trouble");
        }
        if (self::column($backup->path, 'SELECT migration FROM migrations ORDER BY 1')
            !== self::column($this->database, 'SELECT migration FROM migrations ORDER BY 1')) {
            throw new RuntimeException(
                'That backup is of another version. In the terminal: '.InTerminal::command('restore FILE'),
            );
        }
        $before = $this->make(BackupKind::Before);
        $revision = Revision::highest($this->database);
        $here = new SQLite3($this->database);
        $here->enableExceptions(true);
        $here->busyTimeout(10_000);
        $then = new SQLite3($backup->path, SQLITE3_OPEN_READONLY);
        if (! $then->backup($here)) {
            throw new RuntimeException('The database is being written to. Try again; nothing was changed.');
        }
        $here->close();
        Revision::raise($this->database, $revision);
        self::addFiles("{$this->settings->folder}/photos", $this->photos);

        return $before;
    }

    /** The photographs that lie beside a backup, for a machine that has none of them. */
    public function bringPhotos(string $backup): void
    {
        self::addFiles(dirname($backup).'/photos', $this->photos);
    }

    /** @return list<Backup> of a kind, the latest first */
    private function of(BackupKind $kind): array
    {
        return array_values(array_filter($this->all(), static fn (Backup $one): bool => $one->kind === $kind));
    }

    private function kept(BackupKind $kind): int
    {
        return match ($kind) {
            BackupKind::Daily => $this->settings->daily,
            BackupKind::Weekly => $this->settings->weekly,
            BackupKind::Asked, BackupKind::Before => BackupSettings::MOST,
        };
    }

    /** The oldest go, once there are more than are kept. */
    private function thin(BackupKind $kind): void
    {
        foreach (array_slice($this->of($kind), $this->kept($kind)) as $old) {
            unlink($old->path);
        }
    }

    private function writtenAt(): int
    {
        clearstatcache();
        $times = array_map(
            static fn (string $path): int => is_file($path) ? (int) filemtime($path) : 0,
            [$this->database, "{$this->database}-wal"],
        );

        return max($times);
    }

    /** Those that are not there yet; what a photograph shows never changes. */
    private static function addFiles(string $from, string $to): void
    {
        foreach (array_filter((array) glob("$from/*.jpg"), is_string(...)) as $path) {
            $there = "$to/".basename($path);
            if (! is_file($there)) {
                @mkdir($to, 0700, true);
                copy($path, "$there.half");
                rename("$there.half", $there);
            }
        }
    }

    /** @return list<string> */
    private static function column(string $path, string $sql): array
    {
        $database = new PDO("sqlite:$path", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $answer = $database->query($sql);

        return $answer === false ? [] : array_values(Sent::texts($answer->fetchAll(PDO::FETCH_COLUMN)));
    }
}
