<?php

declare(strict_types=1);

// The versions that were tested stand in composer.versions, and are installed from it (scripts/install.sh). Without an
// argument this compares what is installed, and exits with 1 where it differs; `--write` writes the list from it.
$root = dirname(__DIR__, 2);
/** @var array{packages: list<array{name: string, version: string}>} $installed */
$installed = json_decode(
    (string) file_get_contents("$root/vendor/composer/installed.json"),
    true,
    flags: JSON_THROW_ON_ERROR,
);
$lines = array_map(
    static fn (array $package): string => "{$package['name']} {$package['version']}",
    $installed['packages'],
);
sort($lines);
if (($argv[1] ?? '') === '--write') {
    file_put_contents("$root/composer.versions", implode("\n", $lines)."\n");
    exit(0);
}
$tested = (array) file("$root/composer.versions", FILE_IGNORE_NEW_LINES);
foreach (
    ['installed' => array_diff($lines, $tested), 'tested' => array_diff($tested, $lines)] as $which => $differing
) {
    foreach ($differing as $line) {
        echo "$which: $line\n";
    }
}
exit($lines === $tested ? 0 : 1);
