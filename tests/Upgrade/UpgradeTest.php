<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use App\Upgrade\CheckedCopy;
use PDO;
use PDOException;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A bench of an earlier version, a year old, brought over by the command that starting it runs. */
final class UpgradeTest extends TestCase
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

    public function test_every_fact_is_there_afterwards(): void
    {
        $before = (new Facts($this->bench->open()))->all();
        self::assertGreaterThan(
            [7, 80, 40],
            array_map(static fn (string $of): int => count($before[$of]), ['references', 'tests', 'sessions']),
        );
        $this->upgrade();
        $after = (new Facts($this->bench->open()))->all();
        self::assertSame(array_keys($before), array_keys($after));
        foreach ($before as $of => $facts) {
            self::assertEquals($facts, $after[$of], $of);
        }
    }

    public function test_the_diary_says_which_record_it_is_about(): void
    {
        $this->upgrade();
        $told = $this->bench->open()->query(
            'SELECT count(*) AS entries, count(subject_id) AS told, sum(subject_type = \'edge\' AND subject <> (SELECT
                name FROM edges WHERE id = subject_id)) AS wrong FROM diary_entries
                WHERE changes NOT LIKE \'%"edge_events"%\' OR kind NOT LIKE \'edge-%\'',
        );
        self::assertNotFalse($told);
        $counts = (array) $told->fetch();
        self::assertSame([122, 0], [(int) $counts['entries'], (int) $counts['wrong']]);
        self::assertGreaterThan(100, (int) $counts['told'], 'the others are about days, files and the shop');
    }

    /** What stood in an edge's own diary alone is found in the bench's, under its day. */
    public function test_each_line_of_an_edges_diary_has_an_entry(): void
    {
        $this->upgrade();
        $told = $this->bench->open()->query(
            "SELECT count(*) AS events, sum((SELECT count(*) FROM diary_entries d, json_each(d.changes) c
                WHERE json_extract(c.value, '$.table') = 'edge_events' AND json_extract(c.value, '$.id') = e.id
                    AND d.kind = 'edge-' || e.kind AND d.subject_id = e.edge_id
                    AND coalesce(d.happened_on, substr(d.written_at, 1, 10))
                        = substr(e.happened_at, 1, 10)) = 1) AS told,
                sum(EXISTS (SELECT 1 FROM diary_entries d WHERE d.kind = 'honed' AND e.kind = 'honed'
                    AND substr(d.written_at, 1, 10) = substr(e.happened_at, 1, 10))) AS ended
            FROM edge_events e",
        );
        self::assertNotFalse($told);
        $counts = array_map(intval(...), (array) $told->fetch());
        self::assertGreaterThan(500, $counts['told']);
        self::assertLessThanOrEqual($counts['ended'], $counts['events'] - $counts['told']);
    }

    public function test_the_last_steps_can_be_taken_back_and_made_again(): void
    {
        $base = $this->bench->open();
        $base->exec("INSERT INTO look_overs (id, bench_id, kind, name, found, good_price, per_hour, state, sizes, unit,
            begun_at, version) VALUES (7, 1, 'jack-plane', 'jack plane', '{}', 60, 10, 'open', '{}', 'mm',
            '2026-01-01', 1)");
        $base->exec("INSERT INTO photos (bench_id, look_over_id, file, width, height, version)
            VALUES (1, 7, 'one.jpg', 4, 3, 1)");
        $before = (new Facts($this->bench->open()))->all();
        $this->upgrade();
        $back = $this->command('migrate:rollback', '--step=14', '--force');
        self::assertSame(0, $back->run(), $back->getOutput().$back->getErrorOutput());
        $tables = $this->statements();
        self::assertStringNotContainsString('primary_deg > 0', $tables);
        self::assertStringNotContainsString('subject_type VARCHAR, subject_id INTEGER, CHECK', $tables);
        $this->upgrade();
        $tables = $this->statements();
        self::assertStringContainsString('primary_deg > 0', $tables);
        foreach ((new Facts($this->bench->open()))->all() as $of => $facts) {
            self::assertEquals($before[$of], $facts, $of);
        }
    }

    /** All steps since the earlier layout: its tables stand again with every fact, and are brought over once more. */
    public function test_the_uniting_of_references_can_be_taken_back(): void
    {
        $before = (new Facts($this->bench->open()))->all();
        $tables = (new Facts($this->bench->open()))->tables();
        $this->upgrade();
        $this->rollBack(0);
        self::assertSame($tables, (new Facts($this->bench->open()))->tables());
        self::assertSame('ok', CheckedCopy::integrity($this->bench->open()));
        foreach ((new Facts($this->bench->open()))->all() as $of => $facts) {
            self::assertEquals($before[$of], $facts, $of);
        }
        $this->upgrade();
        foreach ((new Facts($this->bench->open()))->all() as $of => $facts) {
            self::assertEquals($before[$of], $facts, $of);
        }
    }

    /** Three edges against each other are a test that the earlier tables had no place for. */
    public function test_what_the_earlier_tables_cannot_hold_is_not_lost(): void
    {
        $this->upgrade();
        $this->bench->open()->exec(
            'UPDATE reference_tests SET readings = \'{"figures": {}, "lists": {"gap12": ["0.1"]}, "choices": {}}\'
            WHERE id = (SELECT max(t.id) FROM reference_tests t JOIN "references" r ON r.id = reference_id
                AND r.kind = \'straightedge\')',
        );
        $before = (new Facts($this->bench->open()))->all();
        self::assertStringContainsString('no place for a test of 2027', $this->rollBack(1));
        $after = new Facts($this->bench->open());
        self::assertContains('bench_sessions', $after->tables());
        self::assertEquals($before, $after->all());
    }

    public function test_steps_that_were_called_otherwise_are_not_taken_again(): void
    {
        $names = function (): array {
            $all = $this->bench->open()->query('SELECT migration FROM migrations ORDER BY id');

            return $all === false ? [] : array_column($all->fetchAll(), 'migration');
        };
        self::assertContains('2026_11_01_000000_lay_the_house', $names());
        $this->upgrade();
        $files = array_map(
            static fn (string $file): string => basename($file, '.php'),
            array_filter((array) glob(dirname(__DIR__, 2).'/database/migrations/*.php'), is_string(...)),
        );
        self::assertSame($files, $names());
    }

    public function test_a_copy_is_made_first_and_it_is_the_bench_as_it_was(): void
    {
        $before = (new Facts($this->bench->open()))->all();
        $said = $this->upgrade();
        self::assertCount(1, $this->bench->copies());
        self::assertStringContainsString($this->bench->copies()[0], $said);
        self::assertEquals($before, (new Facts(OldBench::opened($this->bench->copies()[0])))->all());
        self::assertSame('', $this->upgrade(), 'There is nothing to do a second time.');
        self::assertCount(1, $this->bench->copies());
    }

    /**
     * Ended in the middle of its write, at whatever place: the old tables stand whole, and the next start brings them
     * over.
     */
    public function test_a_kill_in_the_middle_loses_nothing(): void
    {
        $before = (new Facts($this->bench->open()))->all();
        $killed = 0;
        foreach ([0, 1, 2, 4, 7, 11] as $ms) {
            $killed += $this->killed($ms * 1000) ? 1 : 0;
            $base = $this->bench->open();
            self::assertSame('ok', CheckedCopy::integrity($base));
            self::assertSame([], preg_grep('/^old_/', (new Facts($base))->tables()));
            self::assertEquals($before, (new Facts($base))->all(), "killed after $ms ms");
        }
        self::assertGreaterThan(0, $killed, 'None was ended before it was through.');
        $this->upgrade();
        self::assertEquals($before, (new Facts($this->bench->open()))->all());
        self::assertNotContains('squares', (new Facts($this->bench->open()))->tables());
    }

    /** Killed at a dozen places from the first write to the last, and started again each time: nothing is left half. */
    public function test_killed_anywhere_it_goes_on_at_the_next_start(): void
    {
        $before = (new Facts($this->bench->open()))->all();
        $began = hrtime(true);
        $this->upgrade();
        $whole = (hrtime(true) - $began) / 1e3;
        $killed = 0;
        foreach (range(1, 12) as $place) {
            $this->bench->remove();
            $this->bench = new OldBench();
            $killed += $this->endedAfter((int) ($whole * (0.3 + 0.06 * $place))) ? 1 : 0;
            self::assertSame('ok', CheckedCopy::integrity($this->bench->open()));
            $this->upgrade();
            foreach ((new Facts($this->bench->open()))->all() as $of => $facts) {
                self::assertEquals($before[$of], $facts, "$of, killed at place $place");
            }
        }
        self::assertGreaterThan(5, $killed);
    }

    /** True when it was ended before it was through. */
    private function endedAfter(int $us): bool
    {
        $process = $this->command('upgrade');
        $process->start();
        usleep($us);
        $process->stop(0, SIGKILL);

        return ! str_contains($process->getOutput(), 'brought up to date');
    }

    /** A copy that cannot be written stops everything before the first change. */
    public function test_without_a_copy_nothing_is_changed(): void
    {
        $before = (new Facts($this->bench->open()))->all();
        file_put_contents("{$this->bench->folder}/copies", 'a file where the folder should be');
        [$status, $said] = $this->ran();
        self::assertSame(1, $status, $said);
        self::assertContains('squares', (new Facts($this->bench->open()))->tables());
        self::assertEquals($before, (new Facts($this->bench->open()))->all());
    }

    /** What the tables were created with. */
    private function statements(): string
    {
        $all = $this->bench->open()->query('SELECT sql FROM sqlite_master');
        self::assertNotFalse($all);

        return (string) json_encode($all->fetchAll());
    }

    /** Every step since the earlier layout. */
    private function rollBack(int $status): string
    {
        $back = $this->command('migrate:rollback', '--step=16', '--force');
        self::assertSame($status, $back->run(), $back->getOutput().$back->getErrorOutput());

        return (string) preg_replace('/\s+/', ' ', $back->getOutput().$back->getErrorOutput());
    }

    private function upgrade(): string
    {
        [$status, $said] = $this->ran();
        self::assertSame(0, $status, $said);

        return trim($said);
    }

    /** @return array{int, string} */
    private function ran(): array
    {
        $process = $this->command('upgrade');

        return [$process->run(), $process->getOutput().$process->getErrorOutput()];
    }

    /** True when it was ended before it had said that it was through. */
    private function killed(int $afterUs): bool
    {
        $process = $this->command('upgrade');
        $watch = $this->bench->open();
        $watch->exec('PRAGMA busy_timeout = 0');
        $process->start();
        while ($process->isRunning() && ! $this->isBeingWritten($watch)) {
            usleep(200);
        }
        usleep($afterUs);
        $process->stop(0, SIGKILL);

        return ! str_contains($process->getOutput(), 'brought up to date');
    }

    private function command(string ...$command): Process
    {
        return new Process(['php', 'artisan', ...$command], dirname(__DIR__, 2), $this->bench->environment());
    }

    /** Somebody else holds the one lock for writing. */
    private function isBeingWritten(PDO $watch): bool
    {
        try {
            $watch->exec('BEGIN IMMEDIATE');
            $watch->exec('ROLLBACK');
        } catch (PDOException) {
            return true;
        }

        return false;
    }
}
