<?php

declare(strict_types=1);

use App\Entry\BoundedLog;

return [
    'default' => 'kept',
    'channels' => [
        // A log that cannot be written, because the disk is full, must not keep the answer from being given.
        'kept' => ['driver' => 'stack', 'channels' => ['bounded'], 'ignore_exceptions' => true],
        'bounded' => [
            'driver' => 'monolog',
            'handler' => BoundedLog::class,
            'with' => ['path' => storage_path('logs/jackrest.log'), 'mostBytes' => 2_000_000],
        ],
    ],
];
