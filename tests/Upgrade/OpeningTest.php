<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use App\Upgrade\CheckedCopy;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A database that cannot be worked with gets a clear sentence and the way back, never a new demo. */
final class OpeningTest extends TestCase
{
    private OldBench $bench;

    protected function setUp(): void
    {
        $this->bench = new OldBench();
    }

    protected function tearDown(): void
    {
        $this->bench->remove();
    }

    /** @return iterable<string, array{callable(string): mixed, string}> */
    public static function troubles(): iterable
    {
        yield 'emptied' => [static fn (string $path) => file_put_contents($path, ''), 'the file is empty'];
        yield 'gone' => [static fn (string $path) => unlink($path), 'there is no such file'];
        yield 'no database' => [
            static fn (string $path) => file_put_contents($path, str_repeat('Bees and boxes. ', 4096)),
            'it is damaged, or no database at all',
        ];
        yield 'cut short' => [
            static fn (string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, 40_000)),
            'it is damaged',
        ];
        yield 'overwritten in its middle' => [self::scratch(...), 'it is damaged'];
        yield 'of another program' => [self::foreign(...), 'it is the database of another program'];
        yield 'of a later version' => [self::later(...), 'written by a later version of Jack Rest'];
        yield 'of version 9.0.0' => [self::laterNumbered(...), 'written by version 9.0.0 of Jack Rest'];
    }

    /** @param  callable(string): mixed  $spoil */
    #[DataProvider('troubles')]
    public function test_what_is_wrong_is_said_with_the_way_back(callable $spoil, string $sentence): void
    {
        [$status] = $this->artisan('upgrade');
        self::assertSame(0, $status);
        $this->artisan('begun');
        $copy = $this->bench->copies()[0];
        $spoil($this->bench->path());
        $spoiled = is_file($this->bench->path()) ? sha1_file($this->bench->path()) : null;

        [$status, $said] = $this->artisan('upgrade');
        self::assertSame(1, $status, $said);
        self::assertStringContainsString($sentence, $said);
        self::assertStringContainsString($copy, $said);
        self::assertStringContainsString(gmdate('j M Y'), $said);
        self::assertStringNotContainsString('SQLSTATE', $said);
        self::assertStringNotContainsString('#0', $said);
        self::assertSame($spoiled, is_file($this->bench->path()) ? sha1_file($this->bench->path()) : null);

        [$status, $said] = $this->artisan('restore', $copy);
        self::assertSame(0, $status, $said);
        self::assertSame('ok', CheckedCopy::integrity($this->bench->open()));
        [$status, $said] = $this->artisan('upgrade');
        self::assertSame(0, $status, $said);
        if ($spoiled !== null) {
            $aside = (array) glob("{$this->bench->folder}/copies/laid-aside-*.database");
            self::assertSame($spoiled, sha1_file((string) $aside[0]), 'what stood there is kept');
        }
    }

    public function test_a_first_start_and_a_new_beginning_are_no_trouble(): void
    {
        $this->artisan('upgrade');
        $this->artisan('begun');
        unlink($this->bench->path());
        self::assertSame(1, $this->artisan('upgrade')[0]);
        array_map(unlink(...), $this->bench->copies());
        self::assertSame(1, $this->artisan('upgrade')[0], 'it was begun once');
        self::assertSame(0, $this->artisan('restore', '--new')[0]);
        self::assertSame(0, $this->artisan('upgrade')[0]);
        self::assertSame(0600, fileperms($this->bench->path()) & 0777, 'its owner’s alone');
    }

    public function test_what_is_no_copy_is_not_taken_back(): void
    {
        $this->artisan('upgrade');
        $before = sha1_file($this->bench->path());
        file_put_contents("{$this->bench->folder}/note.txt", 'not this');
        [$status, $said] = $this->artisan('restore', "{$this->bench->folder}/note.txt");
        self::assertSame(1, $status);
        self::assertStringContainsString('is no copy to go back to', $said);
        self::assertSame($before, sha1_file($this->bench->path()));
    }

    /** Every second page but the first is noise. */
    private static function scratch(string $path): void
    {
        $file = fopen($path, 'r+');
        self::assertNotFalse($file);
        for ($at = 8192; $at < (int) filesize($path); $at += 8192) {
            fseek($file, $at);
            fwrite($file, random_bytes(4096));
        }
        fclose($file);
    }

    private static function foreign(string $path): void
    {
        unlink($path);
        (new PDO("sqlite:$path"))->exec('CREATE TABLE recipes (id INTEGER PRIMARY KEY, name TEXT)');
    }

    private static function later(string $path): void
    {
        (new PDO("sqlite:$path"))->exec(
            "INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000000_what_is_to_come', 99)",
        );
    }

    /** Of a state between two versions, that no migration expects: a sentence and the way back, nothing of SQL. */
    public function test_a_state_between_two_versions_is_said_without_sql(): void
    {
        $this->bench->open()->exec('ALTER TABLE squares RENAME TO squares_of_another_day');
        [$status, $said] = $this->artisan('upgrade');
        self::assertSame(1, $status);
        self::assertStringContainsString('it is of a state between two versions that this one does not know', $said);
        self::assertStringContainsString($this->bench->copies()[0], $said);
        self::assertStringContainsString('restore --new', $said);
        self::assertStringNotContainsStringIgnoringCase('sql', str_replace('.sqlite', '', $said));
    }

    private static function laterNumbered(string $path): void
    {
        self::later($path);
        (new PDO("sqlite:$path"))->exec('PRAGMA user_version = 9000000');
    }

    /** @return array{int, string} */
    private function artisan(string ...$command): array
    {
        $process = new Process(['php', 'artisan', ...$command], dirname(__DIR__, 2), $this->bench->environment());

        return [$process->run(), $process->getOutput().$process->getErrorOutput()];
    }
}
