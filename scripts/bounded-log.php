<?php

declare(strict_types=1);

// Keeps what the server says on its standard output, but not each request that went well: bounded-log.php FILE

const MOST_BYTES = 1_000_000;
const WENT_WELL = '/ (Accepted|Closing)$| \[[123]\d\d\]: | \[[A-Z]+\] URI: /';

$path = $argv[1] ?? '';
umask(0077);
while (($line = fgets(STDIN)) !== false) {
    if (preg_match(WENT_WELL, rtrim($line)) === 1) {
        continue;
    }
    clearstatcache(true, $path);
    if (is_file($path) && filesize($path) > MOST_BYTES) {
        rename($path, "$path.1");
    }
    @file_put_contents($path, $line, FILE_APPEND);
}
