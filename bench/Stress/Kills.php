<?php

declare(strict_types=1);

namespace Bench\Stress;

use Random\Randomizer;
use Tests\Browser\Server;
use Tests\Fault\Client;

/** Power cuts in the middle of writing: what was answered for is there after each, and the file is whole. */
final class Kills
{
    private const WINDOWS = 3;

    private int $acknowledged = 0;

    private int $lost = 0;

    private int $damaged = 0;

    private int $price = 1000;

    /** @return array<string, int|float> figures by name */
    public function run(int $rounds): array
    {
        $server = new Server();
        $dice = new Randomizer();
        $starts = [];
        for ($round = 0; $round < $rounds; $round++) {
            $wrote = $this->write($server, $dice->getInt(100, 2500));
            $server->kill();
            $began = hrtime(true);
            $server->start();
            $starts[] = (hrtime(true) - $began) / 1e6;
            $this->check($server, $wrote);
            printf("\r%d kills, %d writes answered for, %d lost", $round + 1, $this->acknowledged, $this->lost);
        }
        $server->__destruct();
        echo "\n";

        return [
            'kills while writing' => $rounds,
            'writes answered for' => $this->acknowledged,
            'of them lost' => $this->lost,
            'databases found damaged' => $this->damaged,
            'slowest start after a kill, ms' => $starts === [] ? 0 : round(max($starts)),
        ];
    }

    /** @return list<string> prices that were answered for: each is in the diary if nothing is lost */
    private function write(Server $server, int $milliseconds): array
    {
        $client = new Client(rtrim($server->url('/'), '/'));
        $kept = [];
        for ($until = microtime(true) + $milliseconds / 1000; microtime(true) < $until;) {
            $prices = $requests = [];
            foreach (array_slice((new Database($server->data))->tools(), 0, self::WINDOWS) as $tool) {
                $prices[] = $price = (string) ++$this->price;
                $body = ['price' => $price, 'version' => $tool['version']];
                $requests[] = ['PUT', "/api/tools/{$tool['id']}/price", $body];
            }
            $asked = $client->begin($requests, max(0.0, $until - microtime(true)));
            foreach ($asked->answered() as $place => $status) {
                if ($status === 200) {
                    $kept[] = $prices[$place];
                }
            }
        }
        $this->acknowledged += count($kept);

        return $kept;
    }

    /** @param  list<string>  $prices */
    private function check(Server $server, array $prices): void
    {
        $base = new Database($server->data);
        $this->damaged += $base->isWhole() ? 0 : 1;
        $last = 'SELECT max(id) FROM diary_entries';
        $diary = implode("\n", $base->column("SELECT changes FROM diary_entries WHERE id > ($last) - 500"));
        foreach ($prices as $price) {
            $this->lost += preg_match("/\b$price\b/", $diary) === 1 ? 0 : 1;
        }
    }
}
