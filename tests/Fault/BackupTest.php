<?php

declare(strict_types=1);

namespace Tests\Fault;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Server;

/** Backups of a bench that is written to meanwhile, gone back to while it is served, and carried to another machine. */
final class BackupTest extends TestCase
{
    public function test_a_backup_while_writing_is_whole_and_the_way_back_loses_nothing(): void
    {
        $server = new Server();
        $client = new Client(rtrim($server->url('/'), '/'));
        self::until(static fn (): bool => glob("$server->data/backups/daily-*.sqlite") !== [], $client);
        $drop = ['POST', '/api/looks', ['kind' => 'jack-plane']];
        for ($round = 0; $round < 4; $round++) {
            $before = self::looks("$server->data/jackrest.sqlite");
            $answers = $client->together([$drop, $drop, ['POST', '/api/backups', null], $drop, $drop]);
            self::assertSame([201, 201, 201, 201, 201], array_column($answers, 0));
            $there = self::looks(self::latest($server, 'asked'));
            self::assertGreaterThanOrEqual($before, $there);
            self::assertLessThanOrEqual($before + 4, $there);
            sleep(1);
        }
        $asked = basename(self::latest($server, 'asked'), '.sqlite');
        $there = self::looks(self::latest($server, 'asked'));
        self::assertSame(201, $client->ask('POST', '/api/looks', ['kind' => 'jack-plane'])[0]);
        $now = count($client->ask('GET', '/api/looks')[1]['looks']);
        self::assertSame(200, $client->ask('POST', "/api/backups/$asked/back")[0]);
        self::assertCount($there, $client->ask('GET', '/api/looks')[1]['looks']);
        $before = basename(self::latest($server, 'before'), '.sqlite');
        self::assertSame(200, $client->ask('POST', "/api/backups/$before/back")[0]);
        self::assertCount($now, $client->ask('GET', '/api/looks')[1]['looks']);
        self::assertSame(404, $client->ask('POST', '/api/backups/asked-1/back')[0]);
        $elsewhere = ['folder' => '/proc/nowhere', 'daily' => 7, 'weekly' => 8];
        self::assertSame('folder', $client->ask('PUT', '/api/backups', $elsewhere)[1]['errors'][0]['field']);
        $this->carried($server, $before, $now);
    }

    /** Another machine that has nothing but the folder of backups; one of them is taken by its name. */
    private function carried(Server $server, string $backup, int $looks): void
    {
        $other = "$server->data-other";
        mkdir("$other/carried", recursive: true);
        exec('cp -r '.escapeshellarg("$server->data/backups/.").' '.escapeshellarg("$other/carried"));
        $copy = "$other/carried/$backup.sqlite";
        $run = static fn (string $what): string => (string) shell_exec('cd '.escapeshellarg(dirname(__DIR__, 2)).
            ' && JACKREST_DATA='.escapeshellarg($other).' DB_DATABASE='.escapeshellarg("$other/jackrest.sqlite").
            " APP_ENV=production ./jackrest $what 2>&1");
        self::assertStringContainsString('Done.', $run('restore '.escapeshellarg($copy)));
        self::assertSame($looks, self::looks("$other/jackrest.sqlite"));
        self::assertStringContainsString('Made and read back', $run('backup'));
        exec('rm -rf '.escapeshellarg($other));
    }

    /** One is made by itself a little after the first window came. */
    private static function until(callable $holds, Client $client): void
    {
        for ($try = 0; $try < 50 && ! $holds(); $try++) {
            $client->ask('GET', '/api/pulse');
            usleep(100_000);
        }
        self::assertTrue($holds());
    }

    private static function latest(Server $server, string $kind): string
    {
        $all = (array) glob("$server->data/backups/$kind-*.sqlite");
        sort($all);

        return (string) end($all);
    }

    private static function looks(string $path): int
    {
        $count = (new PDO("sqlite:$path"))->query('SELECT COUNT(*) FROM look_overs WHERE deleted_at IS NULL');

        return $count === false ? 0 : (int) $count->fetchColumn();
    }
}
