<?php

declare(strict_types=1);

namespace Tests\Fault;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Server;

/**
 * Going back to a backup while others write: what was answered for is afterwards in what was set aside or in what took
 * its place, and whoever came in between is told that nothing was recorded.
 */
final class RestoreTest extends TestCase
{
    /** Unless the long runs ask for more. */
    private const ROUNDS = 6;

    /** Writes that leave together with each way back. */
    private const WRITES = 10;

    public function test_from_the_page(): void
    {
        $server = new Server();
        $client = new Client(rtrim($server->url('/'), '/'));
        self::assertSame(201, $client->ask('POST', '/api/backups')[0]);
        $asked = basename(self::files($server, 'backups/asked-*.sqlite')[0], '.sqlite');
        [$acknowledged, $refused] = $this->rounds($client, static function () use ($client, $asked): void {
            self::assertSame(200, $client->ask('POST', "/api/backups/$asked/back")[0]);
        });
        self::assertKept($acknowledged, [
            "$server->data/jackrest.sqlite",
            ...self::files($server, 'backups/before-*.sqlite'),
        ]);
        self::assertSame([], array_diff(array_unique($refused), [503]));
    }

    public function test_in_the_terminal(): void
    {
        $server = new Server();
        $client = new Client(rtrim($server->url('/'), '/'));
        self::assertSame(201, $client->ask('POST', '/api/backups')[0]);
        $copy = self::files($server, 'backups/asked-*.sqlite')[0];
        [$acknowledged, $refused] = $this->rounds($client, static function () use ($server, $copy): void {
            $here = 'cd '.escapeshellarg(dirname(__DIR__, 2)).' && APP_ENV=production';
            $data = "JACKREST_DATA=$server->data DB_DATABASE=$server->data/jackrest.sqlite";
            exec("$here $data php artisan restore $copy", $said, $code);
            self::assertSame(0, $code, implode("\n", $said));
            // Two within one second would have one name.
            sleep(1);
        });
        self::assertKept($acknowledged, [
            "$server->data/jackrest.sqlite",
            ...self::files($server, 'copies/laid-aside-*.database'),
        ]);
        self::assertSame([], array_diff(array_unique($refused), [503]));
    }

    /**
     * Writers in a process of their own, who go on while each way back is gone.
     *
     * @param  callable(): void  $back
     * @return array{list<string>, list<int>} what was answered for, by its own name, and the status of what was not
     */
    private function rounds(Client $client, callable $back): array
    {
        [$acknowledged, $refused] = [[], []];
        $asked = getenv('JACKREST_RESTORES');
        $rounds = $asked === false ? self::ROUNDS : (int) $asked;
        for ($round = 0; $round < $rounds; $round++) {
            $names = array_map(static fn (int $one): string => "$round-$one", range(1, self::WRITES));
            $asked = $client->begin(array_map(static fn (string $name): array => ['POST', '/api/tools', [
                'kind' => 'bench-chisel', 'name' => "chisel $name", 'figures' => ['width' => '12'],
                'status' => 'owned', 'price' => '',
            ]], $names), 0.02 * $round);
            $back();
            foreach ($asked->end() as $place => [$status]) {
                $status === 201 ? $acknowledged[] = "chisel {$names[$place]}" : $refused[] = $status;
            }
        }
        self::assertNotSame([], $acknowledged);

        return [$acknowledged, $refused];
    }

    /**
     * @param  list<string>  $acknowledged
     * @param  list<string>  $databases
     */
    private static function assertKept(array $acknowledged, array $databases): void
    {
        $there = [];
        foreach ($databases as $path) {
            $names = (new PDO("sqlite:$path"))->query('SELECT name FROM tools');
            $there = [...$there, ...($names === false ? [] : $names->fetchAll(PDO::FETCH_COLUMN))];
        }
        self::assertSame([], array_values(array_diff($acknowledged, $there)));
    }

    /** @return list<string> */
    private static function files(Server $server, string $pattern): array
    {
        return array_values(array_filter((array) glob("$server->data/$pattern"), is_string(...)));
    }
}
