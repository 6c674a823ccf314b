<?php

declare(strict_types=1);

namespace Bench;

use PDO;
use Tests\Browser\Server;

/**
 * What ten years of records cost: every page of a heavy bench beside the same page of an empty one and beside the least
 * that any answer takes, in turns and in the same run.
 */
final readonly class PageFigures
{
    private const PAGES = [
        'bench', 'kit', 'kit/idle', 'kit/ladder', 'works', 'edges', 'edges/outlook', 'edges/1/log', 'rack',
        'references', 'references/1', 'season', 'blanks', 'care', 'diary',
    ];

    private const TURNS = 20;

    /** Times of the least that an answer takes, and of an empty bench's. */
    private const OF_UP = 5.0;

    private const OF_EMPTY = 1.5;

    /** Worked out anew, once after a write. */
    private const AFTER_WRITE_OF_UP = 20.0;

    private const KILOBYTES = 60.0;

    public function __construct(private HeavyServer $heavy)
    {
    }

    /** @return iterable<Figure> */
    public function measured(): iterable
    {
        yield new Figure('ten years of a busy shop made in', $this->heavy->madeIn, 's', 60);
        $empty = self::emptyServer();
        $workers = new Workers($this->heavy->port());
        $up = [];
        $times = ['again' => [], 'anew' => [], 'empty' => []];
        $computed = [];
        $bytes = [];
        foreach (range(0, self::TURNS) as $turn) {
            $this->wrote();
            foreach (self::PAGES as $page) {
                $one = [
                    'up' => self::took($this->heavy->server, '/up')[0],
                    'anew' => $this->computedBy($workers, $page, $computed),
                    'again' => self::took($this->heavy->server, "/api/$page")[0],
                    'empty' => self::took($empty, self::onEmpty($page))[0],
                ];
                $bytes[$page] = self::took($this->heavy->server, "/api/$page")[1];
                // The first turn warms the workers.
                if ($turn > 0) {
                    $up[] = $one['up'];
                    foreach (array_keys($times) as $which) {
                        $times[$which][$page][] = $one[$which];
                    }
                }
            }
        }
        $floor = self::middle($up);
        yield new Figure('/up, the least that any answer takes', $floor);
        foreach (self::PAGES as $page) {
            yield from self::told($page, $floor, $times, $bytes[$page], $computed[$page] ?? []);
        }
        $held = 'memory of the server with '.count($up).' answers behind it';
        yield new Figure($held, $workers->megabytes(), 'MB', 600);
        $empty->kill();
    }

    /**
     * @param  array<string, array<string, list<float>>>  $times
     * @param  list<float>  $computed
     * @return iterable<Figure>
     */
    private static function told(string $page, float $floor, array $times, float $bytes, array $computed): iterable
    {
        $again = self::middle($times['again'][$page] ?? []);
        $anew = self::middle($times['anew'][$page] ?? []);
        $empty = self::middle($times['empty'][$page] ?? []);
        yield new Figure("$page with ten years in it, asked again", $again, 'ms', self::OF_UP * $floor);
        yield new Figure('  95th percentile', self::late($times['again'][$page] ?? []));
        yield new Figure('  times an empty bench’s', $again / $empty, 'x', self::OF_EMPTY);
        yield new Figure('  once after a write, worked out anew', $anew, 'ms', self::AFTER_WRITE_OF_UP * $floor);
        yield new Figure('  95th percentile', self::late($times['anew'][$page] ?? []));
        yield new Figure('  times an empty bench’s', $anew / $empty, 'x');
        yield new Figure('  computed for it', 1000 * array_sum($computed) / max(1, count($computed)));
        yield new Figure('  sent, before it is compressed', $bytes, 'kB', self::KILOBYTES);
    }

    /**
     * @param  array<string, list<float>>  $computed
     *
     * @param-out array<string, list<float>> $computed
     */
    private function computedBy(Workers $workers, string $page, array &$computed): float
    {
        $before = $workers->seconds();
        [$ms] = self::took($this->heavy->server, "/api/$page");
        $computed[$page][] = $workers->seconds() - $before;

        return $ms;
    }

    /** As a write leaves it: every answer that was kept is of before. */
    private function wrote(): void
    {
        $base = new PDO("sqlite:{$this->heavy->server->data}/jackrest.sqlite");
        $base->exec('PRAGMA busy_timeout = 5000');
        $base->exec('UPDATE benches SET revision = revision + 1');
    }

    private static function emptyServer(): Server
    {
        $server = new Server();
        exec("JACKREST_DATA={$server->data} DB_DATABASE={$server->data}/jackrest.sqlite ./jackrest demo --leave");

        return $server;
    }

    /** There is no first edge on an empty bench: the page of all of them stands for it. */
    private static function onEmpty(string $page): string
    {
        return '/api/'.match (true) {
            str_starts_with($page, 'edges/1') => 'edges/outlook',
            $page === 'references/1' => 'references',
            default => $page,
        };
    }

    /** @return array{float, float} milliseconds and kB */
    private static function took(Server $server, string $path): array
    {
        $start = hrtime(true);
        $answer = (string) @file_get_contents(rtrim($server->url('/'), '/').$path);

        return [(hrtime(true) - $start) / 1e6, strlen($answer) / 1000];
    }

    /** @param  list<float>  $times */
    private static function middle(array $times): float
    {
        sort($times);

        return $times[intdiv(count($times), 2)] ?? INF;
    }

    /** @param  list<float>  $times */
    private static function late(array $times): float
    {
        sort($times);

        return $times[(int) (0.95 * count($times))] ?? INF;
    }
}
