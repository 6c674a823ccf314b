<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/** The server as it is really started: its refusals and its start-up messages. */
final class ServedTest extends TestCase
{
    private static ?Server $server = null;

    protected function setUp(): void
    {
        self::$server ??= new Server();
    }

    public static function tearDownAfterClass(): void
    {
        self::$server = null;
    }

    /** @return array{int, string} */
    private static function post(string $path, string $body, string $headers = ''): array
    {
        $context = stream_context_create([
            'http' => [
                'method' => 'POST',
                'header' => "Content-Type: application/json\r\n$headers",
                'content' => $body,
                'ignore_errors' => true,
            ],
        ]);
        $answer = (string) file_get_contents((string) self::$server?->url($path), false, $context);
        preg_match('/ (\d{3})/', $http_response_header[0] ?? '', $status);

        return [(int) ($status[1] ?? 0), $answer];
    }

    public function test_a_write_without_the_pages_token_is_refused(): void
    {
        [$status, $answer] = self::post('/api/references/1/drops', '{"version":1}', "Accept: application/json\r\n");
        self::assertSame(419, $status);
        self::assertStringContainsString('what you typed is kept', $answer);
    }

    public function test_a_calculation_needs_no_token(): void
    {
        self::assertSame(200, self::post('/api/calc/grit', '{"scale":"jis","designation":"1000"}')[0]);
    }

    /** @return array{int, array<string, string>} status, and headers by name in small letters */
    private static function headers(string $path): array
    {
        $context = stream_context_create(['http' => ['ignore_errors' => true]]);
        file_get_contents((string) self::$server?->url($path), false, $context);
        $headers = [];
        foreach ($http_response_header as $line) {
            [$name, $value] = explode(': ', "$line: ", 2);
            $headers[strtolower($name)] = rtrim($value, ': ');
        }
        preg_match('/ (\d{3})/', $http_response_header[0] ?? '', $status);

        return [(int) ($status[1] ?? 0), $headers];
    }

    public function test_files_go_out_guarded_and_the_hashed_ones_once(): void
    {
        $scripts = array_filter((array) glob(dirname(__DIR__, 2).'/public/build/assets/*.js'), is_string(...));
        self::assertNotSame([], $scripts);
        $script = basename($scripts[0]);
        [$status, $headers] = self::headers("/build/assets/$script");
        self::assertSame([200, 'text/javascript; charset=utf-8'], [$status, $headers['content-type']]);
        self::assertSame('public, max-age=31536000, immutable', $headers['cache-control']);
        foreach (["/build/assets/$script", '/mark.svg', '/', '/api/pulse'] as $path) {
            [$status, $headers] = self::headers($path);
            self::assertSame(200, $status, $path);
            self::assertSame('nosniff', $headers['x-content-type-options'], $path);
            self::assertSame('same-origin', $headers['cross-origin-opener-policy'], $path);
            self::assertSame('same-origin', $headers['cross-origin-resource-policy'], $path);
            self::assertStringContainsString("default-src 'none'", $headers['content-security-policy'], $path);
        }
        foreach (['/build/addresses.json', '/../composer.json', '/build/assets/../../index.php', '/.env'] as $path) {
            self::assertSame(404, self::headers($path)[0], $path);
        }
    }

    /** Compressed as it was built, for those who read that, and as it is for the others. */
    public function test_scripts_and_styles_go_out_as_small_as_they_were_built(): void
    {
        $built = dirname(__DIR__, 2).'/public/build/assets/';
        $files = [...(array) glob("$built*.js"), ...(array) glob("$built*.css")];
        self::assertGreaterThan(10, count($files));
        foreach ($files as $file) {
            $asked = static function (string $encodings) use ($file): string {
                $context = stream_context_create(['http' => ['header' => "Accept-Encoding: $encodings\r\n"]]);

                return (string) file_get_contents(
                    (string) self::$server?->url('/build/assets/'.basename((string) $file)),
                    false,
                    $context,
                );
            };
            $whole = (string) file_get_contents((string) $file);
            self::assertSame($whole, $asked('identity'));
            self::assertSame($whole, $asked('gzip;q=0, br'));
            $small = $asked('br, gzip');
            self::assertSame($whole, gzdecode($small));
            self::assertLessThanOrEqual(max(200, (int) (0.8 * strlen($whole))), strlen($small), (string) $file);
        }
    }

    public function test_what_is_kept_is_its_owners_alone(): void
    {
        $data = (string) self::$server?->data;
        self::assertSame(0700, fileperms($data) & 0777);
        self::assertSame(0600, fileperms("$data/jackrest.sqlite") & 0777);
        self::assertSame(0600, fileperms("$data/.env") & 0777);
    }

    public function test_with_its_script_the_server_is_ended_however_that_ends(): void
    {
        $server = new Server();
        $left = static fn (): string => (string) shell_exec("pgrep -f -- '[-]S 127.0.0.1:{$server->port} '");
        self::assertGreaterThan(10, count(explode("\n", trim($left()))));
        $script = trim((string) shell_exec("pgrep -f 'scripts/start.sh --port {$server->port}' | head -n 1"));
        self::assertNotSame('', $script);
        posix_kill((int) $script, SIGKILL);
        Server::until(
            static fn (): bool => $left() === '',
            static fn (): string => 'the end of '.$left(),
            10,
        );
    }

    public function test_another_host_name_is_refused(): void
    {
        self::assertSame(421, self::post('/api/calc/grit', '{}', "Host: bench.example\r\n")[0]);
    }

    /** @return array{int, string} */
    private static function jackrest(string $arguments, string $environment = ''): array
    {
        exec(
            'cd '.escapeshellarg(dirname(__DIR__, 2))." && $environment ./jackrest $arguments 2>&1 </dev/null",
            $said,
            $status,
        );

        return [$status, implode("\n", $said)];
    }

    public function test_a_taken_port_gets_one_clear_line(): void
    {
        $port = (int) self::$server?->port;
        self::assertSame(
            [1, "Jack Rest: port $port is taken. Try: ./jackrest start --port ".($port + 1)],
            self::jackrest("start --port $port"),
        );
    }

    public function test_a_port_that_is_none_gets_one_clear_line(): void
    {
        self::assertSame(
            [1, 'Jack Rest: a port is a number from 1 to 65535, not "bench"'],
            self::jackrest('start --port bench'),
        );
    }

    public function test_a_folder_that_cannot_be_written_gets_one_clear_line(): void
    {
        [$status, $said] = self::jackrest('start --port '.Server::freePort(), 'JACKREST_DATA=/proc/nowhere');
        self::assertSame(1, $status);
        self::assertSame(
            'Jack Rest: cannot write to /proc/nowhere. Give JACKREST_DATA a folder that can be written to.',
            $said,
        );
    }

    /** Somebody who is not root and lacks an extension is told the command that installs it. */
    public function test_a_missing_extension_gets_one_clear_line(): void
    {
        $folder = sys_get_temp_dir().'/jackrest-path-'.getmypid();
        mkdir($folder);
        file_put_contents(
            "$folder/php",
            "#!/bin/bash\nexec ".PHP_BINARY." \"\$@\" | grep -v pdo_sqlite\n",
        );
        file_put_contents("$folder/id", "#!/bin/bash\necho 1000\n");
        array_map(static fn (string $file): bool => chmod("$folder/$file", 0755), ['php', 'id']);
        $said = self::jackrest(
            'start --port '.Server::freePort(),
            'PATH='.escapeshellarg("$folder:".getenv('PATH')),
        );
        array_map(static fn (string $file): bool => unlink("$folder/$file"), ['php', 'id']);
        rmdir($folder);

        self::assertSame(
            [
                1,
                'Jack Rest: missing: php-sqlite3. Run: sudo apt-get update && sudo apt-get install -y '
                    .'--no-install-recommends php-sqlite3',
            ],
            $said,
        );
    }

    public function test_reset_asks_first(): void
    {
        self::assertSame(
            [0, 'Left as it is.'],
            self::jackrest('demo --reset', 'JACKREST_DATA='.escapeshellarg((string) self::$server?->data)),
        );
    }
}
