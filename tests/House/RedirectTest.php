<?php

declare(strict_types=1);

namespace Tests\House;

use Symfony\Component\Process\Process;
use Tests\Browser\Server;
use Tests\Http\HttpTestCase;

/** An instrument that sends on to another address of this machine: nobody follows, and nothing of it is told. */
final class RedirectTest extends HttpTestCase
{
    private string $folder = '';

    private ?Process $instrument = null;

    protected function tearDown(): void
    {
        $this->instrument?->stop(0);
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_no_redirect_is_followed_and_nothing_echoed(): void
    {
        $this->folder = sys_get_temp_dir().'/jackrest-redirect-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $stub = <<<'PHP'
        <?php
        if (parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH) === '/readings') {
            header('Location: /secret', true, 302);
            echo 'moved to a secret place';
        } else {
            touch(__DIR__.'/followed');
            echo '2026-11-25T13:00:00.250Z dial 0.0 0.12 mm';
        }
        PHP;
        file_put_contents("{$this->folder}/stub.php", $stub);
        $port = Server::freePort();
        $this->instrument = new Process(['php', '-S', "127.0.0.1:$port", "{$this->folder}/stub.php"]);
        $this->instrument->start();
        Server::until(
            static fn (): bool => @fsockopen('127.0.0.1', $port, timeout: 1) !== false,
            'the instrument to answer',
        );
        $this->ask('PUT', '/api/preferences', ['instrumentUrl' => "http://127.0.0.1:$port"])->assertOk();
        $said = (string) $this->ask('GET', '/api/instrument?at=0')->assertStatus(422)->getContent();
        self::assertStringContainsString('What answers there is no reading.', $said);
        self::assertStringNotContainsString('secret', $said);
        self::assertFileDoesNotExist("{$this->folder}/followed");
    }
}
