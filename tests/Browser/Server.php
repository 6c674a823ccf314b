<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use RuntimeException;

/** Jack Rest as it is really served, on a free port, with a folder of its own. */
final class Server
{
    /** @var resource|null */
    private $process = null;

    public readonly int $port;

    public readonly string $data;

    /** What the shell is to do before it is started: `ulimit -f 20000;` */
    public string $before = '';

    /**
     * @param  string|null  $data  where it keeps what it writes; null: a folder of its own
     */
    public function __construct(?string $data = null)
    {
        $this->port = self::freePort();
        $this->data = $data ?? dirname(__DIR__, 2).'/build/browser-data-'.getmypid().'-'.$this->port;
        $this->start();
    }

    public function url(string $path = '/'): string
    {
        return "http://127.0.0.1:{$this->port}$path";
    }

    public function start(): void
    {
        $log = ['file', dirname(__DIR__, 2).'/build/browser-server.log', 'a'];
        $process = proc_open(
            ['bash', '-c', "{$this->before} exec ./jackrest start --port {$this->port}"],
            [['file', '/dev/null', 'r'], $log, $log],
            $pipes,
            dirname(__DIR__, 2),
            [
                ...getenv(),
                'JACKREST_DATA' => $this->data,
                'APP_ENV' => 'production',
                'DB_DATABASE' => $this->data.'/jackrest.sqlite',
                'SESSION_DRIVER' => 'cookie',
                'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
            ],
        );
        $this->process = is_resource($process) ? $process : throw new RuntimeException('The server does not start.');
        self::until(fn (): bool => @file_get_contents($this->url('/up')) !== false, 'the server to answer');
    }

    /** As a power cut would: no time to say good-bye. */
    public function kill(): void
    {
        exec('pkill -9 -f -- '.escapeshellarg("-S 127.0.0.1:{$this->port} "));
        if (is_resource($this->process)) {
            proc_terminate($this->process, 9);
            proc_close($this->process);
        }
        $this->process = null;
        self::until(
            fn (): bool => @fsockopen('127.0.0.1', $this->port, timeout: 1) === false,
            'the port to be free again',
        );
    }

    public function __destruct()
    {
        $this->kill();
        exec('rm -rf '.escapeshellarg($this->data));
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? '' : (string) stream_socket_get_name($socket, false);

        return (int) substr((string) strrchr($name, ':'), 1);
    }

    /**
     * @param  callable(): bool  $holds
     * @param  string|Closure(): string  $what  what is waited for; asked when it was in vain
     */
    public static function until(callable $holds, string|Closure $what, float $seconds = 30): void
    {
        for ($end = microtime(true) + $seconds; microtime(true) < $end; usleep(50_000)) {
            if ($holds()) {
                return;
            }
        }
        throw new RuntimeException('Waited in vain for '.($what instanceof Closure ? $what() : $what).'.');
    }
}
