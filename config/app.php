<?php

declare(strict_types=1);

return [
    'name' => 'Jack Rest',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    // When this server was started: what another version answered is not taken for the same.
    'started' => env('JACKREST_STARTED', ''),
];
