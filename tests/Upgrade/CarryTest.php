<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use Opis\JsonSchema\Validator;
use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use ZipArchive;

/** The whole bench as one file: out, into an empty program, and out again, the same to the byte but for its date. */
final class CarryTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/jackrest-carry-'.getmypid().'-'.bin2hex(random_bytes(4));
        mkdir("$this->folder/one/photos", recursive: true);
        mkdir("$this->folder/two", recursive: true);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_out_and_in_and_out_again(): void
    {
        $this->artisan('one', 'upgrade');
        $this->artisan('one', 'demo:load');
        $picture = imagecreatetruecolor(8, 6);
        imagejpeg($picture, "$this->folder/one/photos/a.jpg");
        $base = new PDO("sqlite:$this->folder/one/jackrest.sqlite");
        $base->exec("INSERT INTO photos (bench_id, version, file, width, height, work_job_id)
            VALUES (1, 1, 'a.jpg', 8, 6, (SELECT min(id) FROM work_jobs))");
        $first = $this->out('one');
        $this->readsBySchemaAlone($first);
        $program = trim((string) file_get_contents(dirname(__DIR__, 2).'/VERSION'));
        self::assertStringContainsString("\"program\": \"$program\"", $first['bench.json']);
        $said = $this->artisan('two', "bring $this->folder/one.zip");
        self::assertStringContainsString('“Orchard Row” is here.', $said);
        self::assertFileEquals("$this->folder/one/photos/a.jpg", "$this->folder/two/photos/a.jpg");
        $second = $this->out('two');
        self::assertSame(array_keys($first), array_keys($second));
        foreach ($first as $name => $content) {
            $isHead = $name === 'bench.json';
            self::assertSame($isHead ? self::undated($content) : $content, $isHead ? self::undated($second[$name])
                : $second[$name], $name);
        }
        // What is worked out of the records is worked out anew.
        $sums = 'SELECT what, subject_id, value FROM sums ORDER BY 1, 2';
        self::assertSame($this->rows('one', $sums), $this->rows('two', $sums));
        $air = 'SELECT * FROM air_days ORDER BY 1';
        self::assertNotSame([], $this->rows('one', $air));
        self::assertSame($this->rows('one', $air), $this->rows('two', $air));
    }

    public function test_beside_a_bench_that_is_there_it_gets_numbers_of_its_own(): void
    {
        $this->artisan('one', 'upgrade');
        $this->artisan('one', 'demo:load');
        $first = $this->out('one');
        $said = $this->artisan('one', "bring $this->folder/one.zip");
        self::assertStringContainsString('“Orchard Row 2” is here.', $said);
        self::assertSame([['n' => 2]], $this->rows('one', 'SELECT count(*) AS n FROM benches'));
        self::assertSame([], $this->rows('one', 'PRAGMA foreign_key_check'));
        foreach (['tools', 'edges', 'diary_entries'] as $table) {
            self::assertSame(
                [['n' => 2 * substr_count($first["tables/$table.jsonl"], "\n")]],
                $this->rows('one', "SELECT count(*) AS n FROM $table"),
            );
        }
        self::assertSame(1, $this->process('one', "bring --for=Nobody $this->folder/one.zip")->run());
    }

    public function test_what_is_not_whole_changes_nothing(): void
    {
        $this->artisan('one', 'upgrade');
        $this->artisan('one', 'demo:load');
        $this->out('one');
        $before = md5_file("$this->folder/one/jackrest.sqlite");
        $broken = "$this->folder/broken.zip";
        foreach ([
            static fn (ZipArchive $zip) => $zip->deleteName('tables/edges.jsonl'),
            static fn (ZipArchive $zip) => $zip->addFromString('tables/edges.jsonl', "{\"id\": 1}\n"),
            static fn (ZipArchive $zip) => $zip->addFromString('bench.json', '{}'),
        ] as $break) {
            copy("$this->folder/one.zip", $broken);
            $zip = new ZipArchive();
            $zip->open($broken);
            $break($zip);
            $zip->close();
            $process = $this->process('one', "bring --alone $broken");
            self::assertSame(1, $process->run(), $process->getOutput());
            self::assertStringContainsString('file', $process->getOutput());
            self::assertSame([['n' => 1]], $this->rows('one', 'SELECT count(*) AS n FROM benches'));
        }
        self::assertSame($before, md5_file("$this->folder/one/jackrest.sqlite"));
        self::assertSame(1, $this->process('one', 'bring /etc/hostname')->run());
    }

    /** A small file with much in it, in each of its parts, is refused before it is unpacked. */
    public function test_what_is_larger_inside_than_any_bench_is_refused(): void
    {
        $this->artisan('one', 'upgrade');
        $this->artisan('one', 'demo:load');
        $this->out('one');
        foreach (['bench.json' => 2_000_000, 'tables/edges.jsonl' => 70_000_000] as $part => $bytes) {
            copy("$this->folder/one.zip", "$this->folder/large.zip");
            $zip = new ZipArchive();
            $zip->open("$this->folder/large.zip");
            $zip->addFromString($part, str_repeat(' ', $bytes));
            $zip->close();
            self::assertLessThan(3_000_000, filesize("$this->folder/large.zip"));
            // In a fifth of the memory that it would take.
            $process = new Process(
                ['php', '-d', 'memory_limit=96M', 'artisan', 'bring', '--alone', "$this->folder/large.zip"],
                dirname(__DIR__, 2),
                $this->process('two', 'bring')->getEnv(),
            );
            self::assertSame(1, $process->run(), $part.$process->getOutput());
            self::assertStringContainsString('That file is larger than any bench.', $process->getOutput(), $part);
        }
    }

    /** What a killed import, export or copy leaves goes at the next start; what is kept stays. */
    public function test_what_a_kill_leaves_is_swept_at_the_next_start(): void
    {
        $this->artisan('one', 'upgrade');
        $left = ['jackrest.sqlite.brought', 'jackrest.sqlite.brought-wal', 'framework/passing-x', 'photos/a.jpg.half'];
        @mkdir("$this->folder/one/framework", recursive: true);
        foreach ([...$left, 'photos/a.jpg', 'backup.json'] as $file) {
            touch("$this->folder/one/$file");
        }
        $this->artisan('one', 'upgrade');
        foreach ($left as $file) {
            self::assertFileDoesNotExist("$this->folder/one/$file");
        }
        self::assertFileExists("$this->folder/one/photos/a.jpg");
        self::assertFileExists("$this->folder/one/backup.json");
    }

    /** @param  array<string, string>  $file */
    private function readsBySchemaAlone(array $file): void
    {
        $validator = new Validator();
        $lines = 0;
        foreach ($file as $name => $content) {
            if (! str_starts_with($name, 'tables/')) {
                continue;
            }
            $schema = $file['schema/'.basename($name, '.jsonl').'.schema.json'];
            foreach (array_slice(explode("\n", rtrim($content, "\n")), 0, 300) as $line) {
                if ($line !== '') {
                    self::assertTrue($validator->validate(json_decode($line), $schema)->isValid(), "$name: $line");
                    $lines++;
                }
            }
        }
        self::assertGreaterThan(500, $lines);
        self::assertFalse($validator->validate(
            json_decode('{"id": "one"}'),
            $file['schema/tools.schema.json'],
        )->isValid());
        self::assertStringContainsString('JSON Schema', $file['README.md']);
    }

    /** @return array<string, string> what the file holds, by name */
    private function out(string $of): array
    {
        $this->artisan($of, "carry $this->folder/$of.zip");
        $zip = new ZipArchive();
        self::assertTrue($zip->open("$this->folder/$of.zip"));
        $entries = [];
        for ($entry = 0; $entry < $zip->numFiles; $entry++) {
            $entries[(string) $zip->getNameIndex($entry)] = (string) $zip->getFromIndex($entry);
        }
        ksort($entries);

        return $entries;
    }

    private static function undated(string $head): string
    {
        return (string) preg_replace('/"written": "[^"]+"/', '', $head);
    }

    private function artisan(string $of, string $command): string
    {
        $process = $this->process($of, $command);
        self::assertSame(0, $process->run(), "$command: {$process->getOutput()}{$process->getErrorOutput()}");

        return $process->getOutput();
    }

    private function process(string $of, string $command): Process
    {
        return new Process([PHP_BINARY, 'artisan', ...explode(' ', $command)], dirname(__DIR__, 2), [
            'JACKREST_DATA' => "$this->folder/$of",
            'DB_DATABASE' => "$this->folder/$of/jackrest.sqlite",
            'APP_ENV' => 'production',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('0', 32)),
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $of, string $sql): array
    {
        $answer = (new PDO("sqlite:$this->folder/$of/jackrest.sqlite"))->query($sql, PDO::FETCH_ASSOC);

        return $answer === false ? [] : array_values($answer->fetchAll());
    }
}
