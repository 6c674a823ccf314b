<?php

declare(strict_types=1);

// Composer writes no lock file where this is built, so the versions that were tested stand in composer.versions.
// Without an argument it compares and exits with 1 where they differ; `--served` compares what is there without the
// tools of those who build; `--write` writes them anew.
$root = dirname(__DIR__);
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
if (($argv[1] ?? '') === '--served') {
    $named = static fn (mixed $line): string => explode(' ', is_string($line) ? $line : '')[0];
    $there = array_flip(array_map($named, $lines));
    $tested = array_values(array_filter($tested, static fn (mixed $line): bool => isset($there[$named($line)])));
}
foreach (
    ['installed' => array_diff($lines, $tested), 'tested' => array_diff($tested, $lines)] as $which => $differing
) {
    foreach ($differing as $line) {
        echo "$which: $line\n";
    }
}
exit($lines === $tested ? 0 : 1);
