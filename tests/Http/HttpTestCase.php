<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Bench;
use Demo\DemoBench;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * The demo bench in memory, asked over HTTP; every answer is checked against the written contract.
 *
 * The database is laid out once in a process; each test writes inside a transaction that is rolled back.
 */
abstract class HttpTestCase extends TestCase
{
    use RefreshDatabase;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function migrateDatabases(): void
    {
        Artisan::call('migrate', ['--force' => true]);
        DemoBench::loadIfEmpty();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    protected function ask(string $method, string $path, array $body = []): TestResponse
    {
        $response = $this->json($method, $path, $body);
        Contract::check($method, $path, $response->getStatusCode(), (string) $response->getContent());

        return $response;
    }

    protected static function bench(): Bench
    {
        return Bench::query()->firstOrFail();
    }

    /** The address of a work of the demo, by its name. */
    protected static function workPath(string $name): string
    {
        return '/api/works/'.self::bench()->works()->where('name', $name)->firstOrFail()->id;
    }
}
