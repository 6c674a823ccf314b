<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;

/** Several processes writing to one real database at once. */
final class ConcurrencyTest extends TestCase
{
    private string $data = '';

    protected function setUp(): void
    {
        $this->data = dirname(__DIR__, 2).'/build/concurrency-'.getmypid();
        foreach (['framework/views', 'framework/cache', 'logs'] as $folder) {
            mkdir("{$this->data}/$folder", 0777, true);
        }
        touch("{$this->data}/jackrest.sqlite");
        $this->artisan('migrate --force');
        $this->artisan('demo:load');
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->data));
    }

    private function environment(): string
    {
        return 'JACKREST_DATA='.
            escapeshellarg($this->data).
            ' DB_DATABASE='.
            escapeshellarg("{$this->data}/jackrest.sqlite").
            ' APP_KEY=base64:'.
            base64_encode(str_repeat('k', 32)).
            ' APP_ENV=production';
    }

    private function artisan(string $command): void
    {
        exec(
            $this->environment().' php '.escapeshellarg(dirname(__DIR__, 2).'/artisan')." $command 2>&1",
            $said,
            $status,
        );
        self::assertSame(0, $status, implode("\n", $said));
    }

    /** Twelve windows change the same price, each having seen the first version: one wins, eleven are told. */
    public function test_of_many_that_saw_the_same_version_one_wins(): void
    {
        $writer = escapeshellarg(__DIR__.'/../Support/change-price.php');
        $here = self::entries($this->data)[0];
        exec("for n in $(seq 12); do {$this->environment()} php $writer \$n & done; wait", $said);
        $counts = array_count_values($said);

        self::assertSame(
            ['conflict' => 11, 'written' => 1],
            [...['conflict' => $counts['conflict'] ?? 0], ...['written' => $counts['written'] ?? 0]],
        );
    }

    /** Twelve windows each note something of their own: nothing is lost, and the revision counts them all. */
    public function test_of_many_that_touch_different_things_all_are_kept(): void
    {
        $writer = escapeshellarg(__DIR__.'/../Support/note.php');
        $here = self::entries($this->data)[0];
        exec("for n in $(seq 12); do {$this->environment()} php $writer \$n & done; wait", $said);

        self::assertSame(
            12,
            count(array_filter($said, static fn (string $line): bool => $line === 'written')),
            implode("\n", $said),
        );
        self::assertEquals([$here + 12, 12], self::entries($this->data));
    }

    /** @return list<int> entries of the diary, and the bench's revision */
    private static function entries(string $data): array
    {
        $database = new \PDO("sqlite:$data/jackrest.sqlite");
        $counts = $database->query('select count(*), (select revision from benches) from diary_entries');
        self::assertInstanceOf(\PDOStatement::class, $counts);

        return array_map(intval(...), array_values((array) $counts->fetch(\PDO::FETCH_NUM)));
    }
}
