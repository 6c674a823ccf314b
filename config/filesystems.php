<?php

declare(strict_types=1);

// Nothing is served out of a disk: what is kept goes through its own address.
return [
    'default' => 'local',
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
];
