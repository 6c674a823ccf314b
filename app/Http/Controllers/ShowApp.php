<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

/** The page that carries the single-page front end. */
final class ShowApp
{
    public function __invoke(): View
    {
        $manifest = public_path('build/.vite/manifest.json');
        abort_unless(is_file($manifest), 503, 'The front end is not built. Run ./jackrest start.');
        /** @var array<string, array{file: string, css?: list<string>, assets?: list<string>}> $files */
        $files = json_decode((string) file_get_contents($manifest), true, flags: JSON_THROW_ON_ERROR);
        $entry = $files['web/src/main.tsx'];
        $fonts = array_filter($entry['assets'] ?? [], static fn (string $file): bool => preg_match('/latin-(400|600)-normal.*\.woff2$/', $file) === 1 && ! str_contains($file, 'latin-ext'));

        return view('app', ['script' => $entry['file'], 'styles' => $entry['css'] ?? [], 'fonts' => array_values($fonts)]);
    }
}
