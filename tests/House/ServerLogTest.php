<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The log of the server: what went wrong, in two files of a size at most. */
final class ServerLogTest extends TestCase
{
    private string $path = '';

    protected function setUp(): void
    {
        $this->path = (string) tempnam(sys_get_temp_dir(), 'jackrest-log');
    }

    protected function tearDown(): void
    {
        @unlink($this->path);
        @unlink("{$this->path}.1");
    }

    public function test_what_went_well_is_no_line(): void
    {
        $this->write(<<<'TEXT'
        [Sat Nov 28 10:00:00 2026] 127.0.0.1:40000 Accepted
        [Sat Nov 28 10:00:00 2026] 127.0.0.1:40000 [200]: GET /api/pulse
        [Sat Nov 28 10:00:00 2026] 127.0.0.1:40000 [304]: GET /
        [Sat Nov 28 10:00:00 2026] 127.0.0.1:40000 Closing
        [Sat Nov 28 10:00:01 2026] 127.0.0.1:40001 [422]: POST /api/tools
        [Sat Nov 28 10:00:02 2026] 127.0.0.1:40002 [500]: GET /api/kit
        PHP Warning:  something is the matter

        TEXT);
        $kept = (string) file_get_contents($this->path);
        self::assertStringNotContainsString('pulse', $kept);
        self::assertStringNotContainsString('Accepted', $kept);
        self::assertStringContainsString('[422]', $kept);
        self::assertStringContainsString('[500]', $kept);
        self::assertStringContainsString('PHP Warning', $kept);
        self::assertSame(0o600, fileperms($this->path) & 0o777);
    }

    public function test_it_does_not_grow_without_end(): void
    {
        $this->write(str_repeat('[500]: GET /api/kit '.str_repeat('x', 180)."\n", 30_000));
        clearstatcache();
        self::assertLessThan(1_001_000, filesize($this->path));
        self::assertLessThan(1_001_000, filesize("{$this->path}.1"));
        self::assertGreaterThan(900_000, filesize("{$this->path}.1"));
    }

    private function write(string $lines): void
    {
        $script = new Process(['php', __DIR__.'/../../scripts/bounded-log.php', $this->path], null, null, $lines);
        $script->setTimeout(60)->mustRun();
    }
}
