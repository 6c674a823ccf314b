<?php

declare(strict_types=1);

namespace Bench\Stress;

use Random\Randomizer;
use Tests\Browser\Server;
use Tests\Fault\Client;

/** Minutes of a busy shop: windows that read, write, compute and undo; what grows, slows or breaks is counted. */
final class Soak
{
    private const WINDOWS = 4;

    private const PAGES = ['/api/bench', '/api/kit', '/api/edges', '/api/references', '/api/season', '/api/diary',
        '/api/care', '/api/works', '/api/pulse', '/api/kit/ladder', '/api/day', '/up'];

    private int $requests = 0;

    private int $broken = 0;

    /** @var array<string, list<float>> milliseconds by quarter of the time */
    private array $took = [];

    /** @return array<string, int|float> figures by name */
    public function run(float $minutes): array
    {
        $server = new Server();
        $client = new Client(rtrim($server->url('/'), '/'));
        $dice = new Randomizer();
        [$began, $length] = [microtime(true), 60 * $minutes];
        $memory = self::megabytes($server);
        while (($gone = microtime(true) - $began) < $length) {
            $requests = array_map(fn (): array => $this->request($server, $dice), range(1, self::WINDOWS));
            $start = hrtime(true);
            $answers = $client->together($requests);
            $this->took[$gone < $length / 4 ? 'first' : ($gone > 0.75 * $length ? 'last' : 'middle')][] =
                (hrtime(true) - $start) / 1e6;
            foreach ($answers as [$status]) {
                $this->requests++;
                $this->broken += $status === 0 || $status >= 500 ? 1 : 0;
            }
            if ($this->requests % 400 === 0) {
                printf("\r%d s, %d requests, %d broken", (int) $gone, $this->requests, $this->broken);
            }
        }
        echo "\n";
        $figures = [
            'minutes of soak' => $minutes,
            'requests' => $this->requests,
            'answered with 5xx or not at all' => $this->broken,
            'four at once, median of the first quarter, ms' => self::median($this->took['first'] ?? []),
            'four at once, median of the last quarter, ms' => self::median($this->took['last'] ?? []),
            'memory of the server at first, MB' => $memory,
            'memory of the server at last, MB' => self::megabytes($server),
            'logs at last, kB' => self::kilobytesOfLogs($server),
            'integrity (1 = ok)' => (new Database($server->data))->isWhole() ? 1 : 0,
        ];
        $server->__destruct();

        return $figures;
    }

    /** @return array{string, string, array<string, mixed>|null} */
    private function request(Server $server, Randomizer $dice): array
    {
        return match ($dice->getInt(0, 9)) {
            0, 1 => $this->priced($server, $dice),
            2 => ['POST', '/api/calc/bevel-angle', ['thicknessMm' => $dice->getInt(2, 6), 'bevelLengthMm' => 9]],
            3 => $this->undone($server),
            4 => ['POST', '/api/readings', ['text' => $dice->getInt(1, 300).' mm', 'of' => 'length']],
            default => ['GET', self::PAGES[$dice->getInt(0, count(self::PAGES) - 1)], null],
        };
    }

    /** @return array{string, string, array<string, mixed>} */
    private function priced(Server $server, Randomizer $dice): array
    {
        $tools = (new Database($server->data))->tools();
        $tool = $tools[$dice->getInt(0, count($tools) - 1)];

        return ['PUT', "/api/tools/{$tool['id']}/price", [
            'price' => (string) $dice->getInt(1, 200),
            'version' => $tool['version'],
        ]];
    }

    /** @return array{string, string, array<string, mixed>} */
    private function undone(Server $server): array
    {
        $last = (new Database($server->data))->column('SELECT max(id) FROM diary_entries WHERE undoes_id IS NULL')[0];

        return ['POST', "/api/diary/$last/undo", []];
    }

    private static function kilobytesOfLogs(Server $server): float
    {
        $files = glob("{$server->data}/logs/*");

        return round(array_sum(array_map(filesize(...), $files === false ? [] : $files)) / 1000);
    }

    /** Resident memory of the server and its workers, shared pages counted in each. */
    private static function megabytes(Server $server): float
    {
        $kilobytes = array_map(intval(...), explode("\n", trim((string) shell_exec(
            'ps -eo rss,args | grep '.escapeshellarg("[-]S 127.0.0.1:{$server->port} ")." | awk '{print $1}'",
        ))));

        return round(array_sum($kilobytes) / 1000);
    }

    /** @param  list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);

        return round($numbers[intdiv(count($numbers), 2)] ?? 0.0, 1);
    }
}
