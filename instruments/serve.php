<?php

declare(strict_types=1);

use Instruments\Kind;
use Instruments\StandIn;
use Instruments\Truth;

require __DIR__.'/../vendor/autoload.php';

// One request is one stream of readings: GET /readings?at=450&count=5&everyMs=200
header('Content-Type: text/plain; charset=utf-8');
if (parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH) !== '/readings') {
    http_response_code(404);
    echo "GET /readings?at=450&count=5&everyMs=200\n";

    return;
}
// A hygrometer reads the temperature too, where it is asked for that.
$kind = ($_GET['of'] ?? '') === 'temperature' ? Kind::Thermometer : Kind::from((string) getenv('INSTRUMENT'));
$name = (string) getenv('POINTED_AT');
$number = static fn (string $field, float $usual, float $most): float => is_numeric($_GET[$field] ?? null)
    ? max(0.0, min($most, (float) $_GET[$field]))
    : $usual;
$standIn = new StandIn(
    $kind,
    $kind->isOfAir() ? Truth::ofShed($kind, time()) : Truth::ofDemo($name),
    (int) $number('seed', (float) random_int(0, 1_000_000), 1e9),
);
$count = (int) $number('count', 5, 10_000);
$begun = microtime(true);
for ($index = 0; $index < $count; $index++) {
    $now = (new DateTimeImmutable())->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z');
    echo $standIn->line($now, $number('at', 0, 10_000), (microtime(true) - $begun) / 3600), "\n";
    flush();
    usleep((int) (1000 * $number('everyMs', 200, 60_000)));
}
