<?php

declare(strict_types=1);

use Instruments\Kind;
use Instruments\StandIn;
use Instruments\Truth;

require __DIR__.'/../vendor/autoload.php';

// A place on each line in, a reading on each line out: what a digital caliper types, with its Enter.
$kind = Kind::from((string) getenv('INSTRUMENT'));
$standIn = new StandIn(
    $kind,
    $kind->isOfAir() ? Truth::ofShed($kind, time()) : Truth::ofDemo((string) getenv('POINTED_AT')),
    getenv('SEED') === false ? random_int(0, 1_000_000) : (int) getenv('SEED'),
);
while (($line = fgets(STDIN)) !== false) {
    if (is_numeric(trim($line))) {
        echo $standIn->keys((float) trim($line)), "\n";
    }
}
