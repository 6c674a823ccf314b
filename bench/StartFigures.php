<?php

declare(strict_types=1);

namespace Bench;

use RuntimeException;
use Tests\Browser\Server;

/** From a fresh copy of the project to an address that answers, and the same again. */
final readonly class StartFigures
{
    private const ROOT = __DIR__.'/..';

    private const FIRST_S = 24.0;

    private const SECOND_S = 4.0;

    /** @return iterable<Figure> */
    public function measured(): iterable
    {
        $copy = sys_get_temp_dir().'/jackrest-fresh-'.getmypid();
        $clone = 'git clone -q '.escapeshellarg((string) realpath(self::ROOT)).' '.escapeshellarg($copy);
        exec($clone, result_code: $code);
        if ($code !== 0) {
            throw new RuntimeException('The project cannot be cloned.');
        }
        try {
            $first = 'first start of a fresh copy, all that is missing installed';
            yield new Figure($first, self::start($copy), 's', self::FIRST_S);
            yield new Figure('its next start', self::start($copy), 's', self::SECOND_S);
        } finally {
            exec('rm -rf '.escapeshellarg($copy));
        }
    }

    private static function start(string $copy): float
    {
        $port = Server::freePort();
        $start = hrtime(true);
        $process = proc_open(
            ['bash', '-c', "exec ./jackrest start --port $port"],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            $copy,
            array_diff_key(getenv(), ['JACKREST_DATA' => 1, 'DB_DATABASE' => 1, 'JACKREST_ROOT' => 1]),
        );
        if (! is_resource($process)) {
            throw new RuntimeException('The copy does not start.');
        }
        Server::until(static fn (): bool => @file_get_contents("http://127.0.0.1:$port/up") !== false, 'the copy', 120);
        $seconds = (hrtime(true) - $start) / 1e9;
        proc_terminate($process);
        proc_close($process);
        exec("pkill -f -- '-S 127.0.0.1:$port '");

        return $seconds;
    }
}
