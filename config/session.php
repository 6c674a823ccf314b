<?php

declare(strict_types=1);

return [
    'driver' => 'cookie',
    'lifetime' => 60 * 24 * 365,
    'expire_on_close' => false,
    'encrypt' => true,
    'lottery' => [0, 100],
    'cookie' => 'jackrest_session',
    'path' => '/',
    'domain' => null,
    'secure' => (bool) env('JACKREST_SHARED', false),
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
