<?php

declare(strict_types=1);

namespace Tests\Fault;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Server;

/** A disk that takes no more: it is said in place, what was answered for is kept, and reading goes on. */
final class DiskTest extends TestCase
{
    private const MOST_WRITES = 600;

    private ?Server $server = null;

    private ?string $mounted = null;

    protected function tearDown(): void
    {
        $this->server?->__destruct();
        if ($this->mounted !== null) {
            self::unmount($this->mounted);
        }
    }

    public function test_a_full_disk(): void
    {
        $folder = $this->smallDisk(24);
        $this->server = new Server("$folder/data");
        $client = new Client(rtrim($this->server->url('/'), '/'));
        $look = $client->ask('POST', '/api/looks', ['kind' => 'jack-plane'])[1];
        $photos = "/api/looks/{$look['id']}/photos";
        self::fill("$folder/filler");
        $kept = $this->writeUntilRefused($client, 507, 'The disk is full: nothing was recorded since ');

        [$status, $answer] = $client->upload($photos, [self::picture()])[0];
        self::assertSame(507, $status, (string) json_encode($answer));
        self::assertStringContainsString('The disk is full', $answer['errors'][0]['message']);
        self::assertSame([], glob("$folder/data/photos/*"));

        foreach (['/api/bench', '/api/kit', '/api/edges', '/api/references', '/api/diary', '/', '/up'] as $page) {
            self::assertSame(200, $client->ask('GET', $page)[0], $page);
        }
        self::assertSame($kept, (string) $this->price());
        unlink("$folder/filler");
        self::assertSame(201, $client->upload($photos, [self::picture()])[0][0], 'a photograph of a phone is taken');
        [$status] = $this->write($client, 999);
        self::assertSame(200, $status);
        self::assertSame('999', $this->price());
    }

    /** A file may grow by a few pages more, and no more: the server says so and lives. */
    public function test_a_limit_for_the_size_of_files(): void
    {
        $this->server = new Server();
        $data = $this->server->data;
        $this->server->kill();
        // Without the pages that were given back, each of which a write could take first.
        (new PDO("sqlite:$data/jackrest.sqlite"))->exec('VACUUM');
        clearstatcache();
        $kilobytes = intdiv((int) filesize("$data/jackrest.sqlite"), 1024) + 24;
        $this->server->before = "ulimit -f $kilobytes;";
        $this->server->start();
        $client = new Client(rtrim($this->server->url('/'), '/'));
        $lines = "day;edge;what;minutes;wood\n";
        for ($line = 0; $line < 4000; $line++) {
            $day = sprintf('%d-%02d-%02d', 2015 + intdiv($line, 400), 1 + $line % 12, 1 + $line % 28);
            $lines .= "$day;12 mm chisel;used;".(1 + $line % 400).";soft\n";
        }
        [$status, $answer] = $client->ask('POST', '/api/files/diary', ['text' => $lines, 'name' => 'long.csv']);
        self::assertSame(507, $status, (string) json_encode($answer));
        self::assertStringContainsString('nothing was recorded since', $answer['errors'][0]['message']);
        self::assertSame(200, $client->ask('GET', '/api/kit')[0]);
        self::assertSame(200, $this->write($client, 77)[0], 'what fits is still recorded');
    }

    private function smallDisk(int $megabytes): string
    {
        $folder = dirname(__DIR__, 2).'/build/disk-'.getmypid();
        @mkdir($folder);
        exec('mount -t tmpfs -o size='.$megabytes.'m tmpfs '.escapeshellarg($folder).' 2>&1', $said, $status);
        if ($status !== 0) {
            rmdir($folder);
            self::markTestSkipped(
                'Only root may mount a small disk: here a limit for the size of files stood in for a full one.',
            );
        }
        $this->mounted = $folder;

        return $folder;
    }

    /** A server that was just ended may hold a file of it a moment longer. */
    private static function unmount(string $folder): void
    {
        exec('umount --lazy '.escapeshellarg($folder).' 2>&1');
        for ($try = 0; $try < 50 && is_dir($folder) && ! @rmdir($folder); $try++) {
            usleep(100_000);
        }
    }

    /** As a phone takes it: over 3 MB, 12 million pixels. */
    private static function picture(): string
    {
        $path = dirname(__DIR__, 2).'/build/photo-'.getmypid().'.jpg';
        $picture = imagecreatetruecolor(4000, 3000);
        for ($spot = 0; $spot < 20_000; $spot++) {
            imagefilledellipse($picture, mt_rand(0, 4000), mt_rand(0, 3000), 40, 40, mt_rand(0, 0xFFFFFF));
        }
        imagejpeg($picture, $path, 92);
        self::assertGreaterThan(3_000_000, filesize($path));

        return $path;
    }

    private static function fill(string $path): void
    {
        $file = fopen($path, 'w');
        self::assertNotFalse($file);
        foreach ([1_000_000, 10_000, 100] as $bytes) {
            while (@fwrite($file, str_repeat('x', $bytes)) === $bytes) {
                fflush($file);
            }
        }
        @fclose($file);
    }

    /** @return string the last price that was answered for */
    private function writeUntilRefused(Client $client, int $refusal, string $says): string
    {
        $kept = (string) $this->price();
        for ($price = 1; $price <= self::MOST_WRITES; $price++) {
            [$status, $answer] = $this->write($client, $price);
            if ($status !== 200) {
                self::assertSame($refusal, $status, (string) json_encode($answer));
                self::assertStringContainsString($says, $answer['errors'][0]['message']);

                return $kept;
            }
            $kept = (string) $price;
        }
        self::fail('It was never full.');
    }

    /** @return array{int, mixed} */
    private function write(Client $client, int $price): array
    {
        $tool = $this->tool();

        return $client->ask('PUT', "/api/tools/{$tool['id']}/price", [
            'price' => (string) $price,
            'version' => $tool['version'],
        ]);
    }

    private function price(): ?string
    {
        $price = $this->tool()['price'];

        return $price === null ? null : (string) $price;
    }

    /** @return array{id: int, version: int, price: int|float|null} */
    private function tool(): array
    {
        $base = new PDO("sqlite:{$this->server?->data}/jackrest.sqlite");
        $rows = $base->query('SELECT id, version, price FROM tools ORDER BY id LIMIT 1', PDO::FETCH_ASSOC);
        self::assertNotFalse($rows);
        /** @var array{id: int, version: int, price: int|float|null} $tool */
        $tool = $rows->fetch();

        return $tool;
    }
}
