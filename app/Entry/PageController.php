<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\Answer\HealthAnswer;
use App\People\Shop;
use App\Upgrade\Version;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The one page of the front end, and whether the server is up. */
final class PageController
{
    /** The page that carries the single-page front end; 404 where that has no page of this address. */
    public function show(Addresses $addresses, string $page = ''): Response
    {
        $manifest = public_path('build/.vite/manifest.json');
        abort_unless(is_file($manifest), 503, 'The front end is not built. Run ./jackrest start.');
        /** @var array<string, array{file: string, css?: list<string>, assets?: list<string>}> $files */
        $files = json_decode((string) file_get_contents($manifest), true, flags: JSON_THROW_ON_ERROR);
        $entry = $files['web/src/main.tsx'];
        $fonts = array_filter(
            $entry['assets'] ?? [],
            static fn (string $file): bool => preg_match('/latin-(400|600)-normal.*\.woff2$/', $file) === 1 &&
                ! str_contains($file, 'latin-ext'),
        );

        return response()->view(
            'app',
            [
                'script' => $entry['file'],
                'styles' => $entry['css'] ?? [],
                'fonts' => array_values($fonts),
                'isShared' => Shop::isShared(),
                'version' => (string) Version::ofProgram(),
            ],
            $addresses->has("/$page") ? 200 : 404,
        );
    }

    /** The service worker, for pages without connection: its place among the addresses is what it may serve. */
    public function worker(): Response
    {
        $worker = public_path('build/worker.js');
        abort_unless(Shop::isShared() && is_file($worker), 404);

        return response((string) file_get_contents($worker), 200, [
            'Content-Type' => 'text/javascript; charset=utf-8',
            'Cache-Control' => 'no-cache',
        ]);
    }

    /** Whether the application answers and its database can be read. */
    public function health(): HealthAnswer
    {
        DB::table('benches')->exists();

        return new HealthAnswer(status: 'up');
    }
}
