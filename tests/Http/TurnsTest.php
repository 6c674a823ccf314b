<?php

declare(strict_types=1);

namespace Tests\Http;

/** Where no lock can be written, as on a disk that takes no more, long work is done all the same. */
final class TurnsTest extends HttpTestCase
{
    public function test_without_a_file_to_lock_reading_goes_on(): void
    {
        $path = storage_path('turn-0.lock');
        @unlink($path);
        mkdir($path);
        try {
            $this->ask('GET', '/api/kit/ladder')->assertOk();
            $this->ask('GET', '/api/kit/idle')->assertOk();
        } finally {
            rmdir($path);
        }
    }
}
