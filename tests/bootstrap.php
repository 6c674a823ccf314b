<?php

declare(strict_types=1);

// Tests write into a folder of their own, never into the user's data.
$data = dirname(__DIR__).'/build/test-data';
foreach (['framework/views', 'framework/cache', 'logs'] as $folder) {
    if (! is_dir("$data/$folder")) {
        mkdir("$data/$folder", 0777, true);
    }
}
putenv("JACKREST_DATA=$data");
$_SERVER['JACKREST_DATA'] = $data;

require __DIR__.'/../vendor/autoload.php';
