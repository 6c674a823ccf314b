<?php

declare(strict_types=1);

use Instruments\Kind;
use Instruments\Shed;
use Instruments\StandIn;
use Instruments\Truth;

require __DIR__.'/../vendor/autoload.php';

// What a hygrometer has logged: a year up to now, hour by hour, as CSV.
$seed = getenv('SEED') === false ? 1 : (int) getenv('SEED');
$hour = intdiv(time(), 3600) * 3600;
echo "time,temperature °C,humidity %\r\n";
$logs = array_map(static fn (Kind $kind): StandIn => new StandIn($kind, Truth::ofShed($kind, 0), $seed), [
    't' => Kind::Thermometer,
    'h' => Kind::Hygrometer,
]);
foreach (Shed::log($hour - 8759 * 3600, $hour) as [$moment, $tempC, $rhPct]) {
    printf(
        "%s,%.1f,%.1f\r\n",
        gmdate('Y-m-d H:i', $moment),
        $logs['t']->trembles($tempC),
        $logs['h']->trembles($rhPct),
    );
}
