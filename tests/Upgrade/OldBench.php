<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use PDO;

/**
 * A bench of the layout before references and sessions were united: the demo, used for a year and a month over HTTP by
 * the program of that day (tests of squares, straightedges, sticks and templates, sessions of every kind, an undo, a
 * fall, two sessions left running).
 */
final class OldBench
{
    private const FIXTURE = __DIR__.'/fixtures/before_2026_12_10.sqlite.gz';

    public readonly string $folder;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/jackrest-upgrade-'.getmypid().'-'.bin2hex(random_bytes(4));
        mkdir("$this->folder/logs", recursive: true);
        mkdir("$this->folder/framework/views", recursive: true);
        mkdir("$this->folder/framework/cache");
        file_put_contents($this->path(), gzdecode((string) file_get_contents(self::FIXTURE)));
    }

    public function path(): string
    {
        return "$this->folder/jackrest.sqlite";
    }

    public function open(): PDO
    {
        return self::opened($this->path());
    }

    /** @return list<string> the copies that were made, oldest first */
    public function copies(): array
    {
        return array_values(array_filter((array) glob("$this->folder/copies/*"), is_string(...)));
    }

    public static function opened(string $path): PDO
    {
        return new PDO(
            "sqlite:$path",
            options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC],
        );
    }

    /** @return array<string, string> the environment of a command at this bench */
    public function environment(): array
    {
        return [
            'JACKREST_DATA' => $this->folder,
            'DB_DATABASE' => $this->path(),
            'APP_ENV' => 'production',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('0', 32)),
            'PATH' => (string) getenv('PATH'),
        ];
    }

    public function remove(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }
}
