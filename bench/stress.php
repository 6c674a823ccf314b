<?php

declare(strict_types=1);

use Bench\Stress\Kills;
use Bench\Stress\Rush;
use Bench\Stress\SharedShop;
use Bench\Stress\ShopKills;
use Bench\Stress\Soak;

require __DIR__.'/../vendor/autoload.php';

// stress.php SHARE: the long runs, or a share of them to try it out.
$share = (float) ($argv[1] ?? 1);
$root = dirname(__DIR__);
$whole = static fn (float $number): int => max(1, (int) round($share * $number));

/** @return array{string, float} what a suite says at its end, and how long it took, s */
$suite = static function (string $environment, string $tests) use ($root): array {
    $began = hrtime(true);
    passthru("cd $root && $environment vendor/bin/phpunit $tests", $status);

    return [$status === 0 ? 'passed' : 'FAILED', round((hrtime(true) - $began) / 1e9)];
};

$kills = (new Kills())->run($whole(200));
[$pairs, $seconds] = $suite('JACKREST_PAIRS='.max(100, $whole(2000)), 'tests/Fault/PairsTest.php');
$figures = $kills + ['pairs at once' => max(100, $whole(2000)), 'pairs' => $pairs, 'pairs, s' => $seconds];
[$fuzz, $seconds] = $suite('JACKREST_FUZZ_SEEDS='.$whole(1667), 'tests/Http/AnyInputTest.php');
$figures += ['requests of generated input' => 60 * $whole(1667), 'generated input' => $fuzz];
$figures += ['generated input, s' => $seconds];
$soak = (new Soak())->run($share * 10);
$figures += $soak;
$shop = SharedShop::types(max(10.0, 120 * $share));
$figures += $shop;
$shopKills = (new ShopKills())->run($whole(200));
$figures += $shopKills;
$rush = (new Rush())->run($whole(20));
$figures += $rush;
[$restored, $seconds] = $suite('JACKREST_RESTORES='.max(6, $whole(100)), 'tests/Fault/RestoreTest.php');
$figures += ['ways back to a backup while others write' => 2 * max(6, $whole(100)), 'ways back' => $restored];
[$upgraded, $seconds] = $suite('', 'tests/Upgrade');
$figures += ['upgrades' => $upgraded, 'upgrades, s' => $seconds];

foreach ($figures as $what => $figure) {
    printf("%-60s %s\n", $what, $figure);
}
@mkdir("$root/build");
file_put_contents("$root/build/stress.json", json_encode($figures, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
$wrong = $shop['of them answered with anything but 200'] + $soak['answered with 5xx or not at all'] +
    $kills['of them lost'] + $kills['databases found damaged'] +
    $shopKills['lost of theirs'] + $shopKills['shops found damaged'] +
    $rush['of them let in'] + $rush['the person refused from a browser of their own'];
exit($wrong > 0 || array_diff([$pairs, $fuzz, $restored, $upgraded], ['passed']) !== [] ? 1 : 0);
