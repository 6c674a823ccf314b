<?php

declare(strict_types=1);

return [
    'default' => 'array',
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        // Answers that took their time (App\Entry\KeptAnswers).
        'answers' => env('JACKREST_ANSWERS') === 'none'
            ? ['driver' => 'null']
            : ['driver' => 'file', 'path' => storage_path('framework/cache/answers')],
    ],
    'prefix' => '',
];
