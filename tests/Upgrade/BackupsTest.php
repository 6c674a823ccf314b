<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use App\Backup\Backup;
use App\Backup\BackupKind;
use App\Backup\Backups;
use App\Backup\BackupSettings;
use App\Http\Sent;
use Illuminate\Support\Carbon;
use PDO;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** Backups over the weeks: what is due, what is kept, and the way back. */
final class BackupsTest extends TestCase
{
    private string $folder;

    private PDO $database;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/jackrest-backups-'.getmypid().'-'.bin2hex(random_bytes(4));
        mkdir("$this->folder/photos", recursive: true);
        $this->database = new PDO("sqlite:$this->folder/here.sqlite");
        $this->database->exec('PRAGMA journal_mode = WAL');
        $this->database->exec('CREATE TABLE migrations (migration TEXT)');
        $this->database->exec("INSERT INTO migrations VALUES ('first')");
        $this->database->exec('CREATE TABLE benches (id INTEGER PRIMARY KEY, revision INTEGER)');
        $this->database->exec('INSERT INTO benches VALUES (1, 0)');
        $this->database->exec('CREATE TABLE notes (says TEXT)');
        Carbon::setTestNow('2026-01-05 08:00:00');
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_so_many_days_and_weeks_are_kept_of_a_quarter(): void
    {
        for ($day = 0; $day < 90; $day++) {
            $this->writes("day $day");
            $this->backups()->makeDue();
            Carbon::setTestNow(Carbon::now()->addDay());
        }
        $kinds = array_count_values(array_map(
            static fn (Backup $one): string => $one->kind->value,
            $this->backups()->all(),
        ));
        self::assertEquals(['daily' => 7, 'weekly' => 8], $kinds);
        foreach ($this->backups()->all() as $backup) {
            $there = new PDO("sqlite:$backup->path");
            self::assertSame(['ok'], self::column($there, 'PRAGMA integrity_check'));
        }
        $latest = new PDO("sqlite:{$this->backups()->all()[0]->path}");
        self::assertSame('day 89', self::column($latest, 'SELECT says FROM notes ORDER BY rowid DESC')[0]);
    }

    public function test_where_nothing_was_written_none_is_made(): void
    {
        $this->writes('once');
        $this->backups()->makeDue();
        $made = count($this->backups()->all());
        Carbon::setTestNow(Carbon::now()->addDays(20));
        $this->backups()->makeDue();
        self::assertCount($made, $this->backups()->all());
        $none = new Backups(new BackupSettings("$this->folder/other", 0, 0), "$this->folder/here.sqlite", '/none');
        self::assertFalse($none->isDue(BackupKind::Daily));
    }

    public function test_back_and_forward_again(): void
    {
        file_put_contents("$this->folder/photos/one.jpg", 'a picture');
        $this->writes('first');
        $backup = $this->backups()->make(BackupKind::Asked);
        Carbon::setTestNow(Carbon::now()->addMinute());
        $this->writes('second');
        $this->database->exec('UPDATE benches SET revision = 41');
        unlink("$this->folder/photos/one.jpg");
        $before = $this->backups()->goBack($backup);
        self::assertNotSame($before->path, $this->backups()->make(BackupKind::Before)->path, 'in the same second');
        self::assertSame(['first'], $this->notes());
        self::assertFileExists("$this->folder/photos/one.jpg");
        self::assertGreaterThan(41, (int) self::column($this->database, 'SELECT revision FROM benches')[0]);
        Carbon::setTestNow(Carbon::now()->addMinute());
        $this->backups()->goBack($before);
        self::assertSame(['first', 'second'], $this->notes());
    }

    public function test_one_that_is_damaged_or_of_another_version_changes_nothing(): void
    {
        $this->writes('first');
        $backup = $this->backups()->make(BackupKind::Asked);
        file_put_contents($backup->path, str_repeat('x', 9000));
        $this->refused($backup);
        Carbon::setTestNow(Carbon::now()->addMinute());
        $older = $this->backups()->make(BackupKind::Asked);
        $this->database->exec("INSERT INTO migrations VALUES ('second')");
        $this->refused($older);
        self::assertSame(['first'], $this->notes());
    }

    private function refused(Backup $backup): void
    {
        try {
            $this->backups()->goBack($backup);
            self::fail('It went back.');
        } catch (RuntimeException $why) {
            self::assertStringContainsString('backup', $why->getMessage());
        }
    }

    private function backups(): Backups
    {
        return new Backups(
            new BackupSettings("$this->folder/backups"),
            "$this->folder/here.sqlite",
            "$this->folder/photos",
        );
    }

    private function writes(string $says): void
    {
        $this->database->exec("INSERT INTO notes VALUES ('$says')");
        touch("$this->folder/here.sqlite", Carbon::now()->getTimestamp());
        touch("$this->folder/here.sqlite-wal", Carbon::now()->getTimestamp());
    }

    /** @return list<string> */
    private function notes(): array
    {
        return self::column(new PDO("sqlite:$this->folder/here.sqlite"), 'SELECT says FROM notes ORDER BY rowid');
    }

    /** @return list<string> */
    private static function column(PDO $database, string $sql): array
    {
        $answer = $database->query($sql);

        return $answer === false ? [] : array_values(Sent::texts($answer->fetchAll(PDO::FETCH_COLUMN)));
    }
}
