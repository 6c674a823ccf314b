<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Routing\Route as RoutedTo;
use Illuminate\Support\Facades\Route;

/** Long work takes turns; where no lock can be written, as on a disk that takes no more, it is done all the same. */
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

    /** Sheets, tables and whole benches take long, and are abandoned as easily: they go a few at a time. */
    public function test_whatever_is_downloaded_takes_turns(): void
    {
        $files = array_filter(
            Route::getRoutes()->getRoutes(),
            static fn (RoutedTo $route): bool => preg_match('/\.(\{kind}|zip|csv)$/', $route->uri()) === 1,
        );
        self::assertGreaterThan(9, count($files));
        self::assertSame([], array_values(array_map(
            static fn (RoutedTo $route): string => $route->uri(),
            array_filter($files, static fn (RoutedTo $route): bool => ! in_array('turn', $route->middleware(), true)),
        )));
    }
}
