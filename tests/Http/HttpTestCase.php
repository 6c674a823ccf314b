<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Bench\Bench;
use App\Reference\Reference;
use App\Work\Work;
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
        return '/api/works/'.Work::of(self::bench())->where('name', $name)->firstOrFail()->id;
    }

    protected static function reference(string $name): Reference
    {
        return Reference::of(self::bench())->where('name', $name)->firstOrFail();
    }

    /** The address of a reference of the demo, by its name. */
    protected static function referencePath(string $name): string
    {
        return '/api/references/'.self::reference($name)->id;
    }

    /**
     * A test of a square as it is typed.
     *
     * @param  list<string>  $farGaps
     * @param  array<string, string>  $figures
     * @param  array<string, string>  $choices
     * @return array<string, mixed>
     */
    protected static function squareTest(
        array $farGaps,
        array $figures = [],
        array $choices = [],
        string $instrument = 'loupe',
    ): array {
        return [
            'figures' => $figures + [
                'length' => '200',
                'nearGap' => '',
                'lineWidth' => '0.1',
                'shaving' => '0.04',
                'tolerance' => '0.1',
            ],
            'lists' => [['id' => 'farGaps', 'typed' => $farGaps]],
            'choices' => $choices + ['leftLine' => 'first', 'edge' => 'outer'],
            'instrument' => $instrument,
        ];
    }

    /**
     * A test of a straightedge as it is typed.
     *
     * @param  list<string>  $gaps
     * @param  array<string, string>  $figures
     * @param  list<string>  $at
     * @param  array<string, string>  $choices
     * @return array<string, mixed>
     */
    protected static function straightedgeTest(
        array $gaps,
        array $figures = [],
        array $at = ['0', '225', '450', '675', '900'],
        array $choices = [],
    ): array {
        return [
            'figures' => $figures + ['lineWidth' => '0.05', 'shaving' => '0.04', 'tolerance' => '0.1'],
            'lists' => [['id' => 'at', 'typed' => $at], ['id' => 'gap', 'typed' => $gaps]],
            'choices' => $choices + ['farLine' => 'first'],
            'instrument' => 'loupe',
        ];
    }
}
