<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;

/** A shared shop as it is really served: nginx, PHP's workers, TLS by its own authority, in a folder of its own. */
final class SharedServer
{
    /** @var resource|null */
    private $process = null;

    public readonly int $port;

    public readonly string $data;

    private readonly string $log;

    /** Whether nginx and the workers of this PHP are installed. */
    public static function isPossible(): bool
    {
        $workers = 'php-fpm'.PHP_MAJOR_VERSION.'.'.PHP_MINOR_VERSION;

        return exec('command -v nginx') !== '' && exec("command -v $workers || command -v php-fpm") !== '';
    }

    public function __construct()
    {
        $this->port = Server::freePort();
        $this->data = dirname(__DIR__, 2).'/build/shop-data-'.getmypid().'-'.$this->port;
        $this->log = "$this->data.log";
        $this->open();
    }

    /** Opens, for the first time or again, with what was written before. */
    public function open(): void
    {
        $log = ['file', $this->log, 'w'];
        $process = proc_open(
            ['setsid', 'bash', './jackrest', 'share', '--port', (string) $this->port,
                '--trust-port', (string) Server::freePort(), '--name', 'localhost'],
            [['file', '/dev/null', 'r'], $log, $log],
            $pipes,
            dirname(__DIR__, 2),
            ['JACKREST_DATA' => $this->data, 'APP_ENV' => 'production', ...self::environment()],
        );
        $this->process = is_resource($process) ? $process : throw new RuntimeException('The shop does not open.');
        Server::until(
            fn (): bool => str_contains($this->said(), 'ready at') &&
                @fsockopen('127.0.0.1', $this->port, timeout: 1) !== false,
            fn (): string => 'the shop to open: '.$this->said(),
            90,
        );
    }

    /** As a power cut would: server and workers at once, with no time to say good-bye. */
    public function kill(): void
    {
        if ($this->process !== null) {
            exec('pkill -9 -g '.proc_get_status($this->process)['pid']);
        }
        $this->close();
    }

    /** Nobody answers at its address any more, as for a phone that has left the shop. */
    public function close(): void
    {
        if ($this->process === null) {
            return;
        }
        proc_terminate($this->process);
        proc_close($this->process);
        $this->process = null;
        Server::until(
            fn (): bool => @fsockopen('127.0.0.1', $this->port, timeout: 1) === false,
            'the port to be free again',
        );
    }

    /** @return array<string, string> what a shell needs, and nothing of the tests' own database */
    private static function environment(): array
    {
        return array_intersect_key(getenv(), ['PATH' => true, 'HOME' => true, 'TMPDIR' => true]);
    }

    public function url(string $path = '/'): string
    {
        return "https://localhost:{$this->port}$path";
    }

    /** What the terminal shows. */
    public function said(): string
    {
        return (string) @file_get_contents($this->log);
    }

    /** Where the first account is made. */
    public function first(): string
    {
        Server::until(fn (): bool => str_contains($this->said(), '/join#'), 'its first link', 10);

        return preg_match('~https://\S+(/join#\S+)~', $this->said(), $found) === 1
            ? $this->url($found[1])
            : throw new RuntimeException($this->said());
    }

    /** @return non-empty-string the file with its certificate */
    public function authority(): string
    {
        return "$this->data/tls/ca.crt";
    }

    public function __destruct()
    {
        $this->close();
        exec('rm -rf '.escapeshellarg($this->data).' '.escapeshellarg($this->log));
    }
}
