<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use App\Upgrade\Version;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The number of the program: in its file, in its changelog, on the terminal, in every database and copy. */
final class VersionTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    #[TestWith(['0.9.0', 9_000])]
    #[TestWith(['1.2.3', 1_002_003])]
    #[TestWith(['999.999.999', 999_999_999])]
    public function test_a_version_and_its_number_say_the_same(string $version, int $number): void
    {
        self::assertSame($number, Version::of($version)->number);
        self::assertSame($version, (string) Version::numbered($number));
    }

    #[TestWith([''])]
    #[TestWith(['1.2'])]
    #[TestWith(['v1.2.3'])]
    #[TestWith(['1.02.3'])]
    #[TestWith(['1.2.1000'])]
    #[TestWith(["1.2.3\n"])]
    public function test_what_is_no_version_is_refused(string $version): void
    {
        $this->expectException(RuntimeException::class);
        Version::of($version);
    }

    public function test_the_changelog_tells_of_this_version(): void
    {
        $changelog = (string) file_get_contents(self::ROOT.'/CHANGELOG.md');
        preg_match_all('/^## \[([^]]+)]/m', $changelog, $sections);
        self::assertSame('Unreleased', $sections[1][0]);
        self::assertSame(self::version(), $sections[1][1]);
        preg_match_all('/^### (.+)$/m', $changelog, $kinds);
        self::assertSame([], array_diff($kinds[1], [
            'Added', 'Changed', 'Deprecated', 'Removed', 'Fixed', 'Security',
        ]), 'the sections of keepachangelog.com 1.1.0');
    }

    public function test_the_command_says_it(): void
    {
        $command = new Process([self::ROOT.'/jackrest', '--version']);
        $command->mustRun();
        self::assertSame('Jack Rest '.self::version()."\n", $command->getOutput());
    }

    public function test_an_upgraded_database_carries_it_and_the_copy_what_wrote_it(): void
    {
        $bench = new OldBench();
        try {
            $upgrade = new Process(['php', 'artisan', 'upgrade'], self::ROOT, $bench->environment());
            $upgrade->mustRun();
            self::assertSame(Version::of(self::version())->number, self::carried($bench->path()));
            self::assertSame(0, self::carried($bench->copies()[0]));
        } finally {
            $bench->remove();
        }
    }

    private static function carried(string $path): int
    {
        $answer = OldBench::opened($path)->query('PRAGMA user_version');

        return $answer === false ? -1 : (int) $answer->fetchColumn();
    }

    private static function version(): string
    {
        return trim((string) file_get_contents(self::ROOT.'/VERSION'));
    }
}
