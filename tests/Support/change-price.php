<?php

declare(strict_types=1);

use App\Ledger\Changes;
use App\Ledger\Conflict;
use App\Ledger\Ledger;
use App\Tool\Tool;

/** @var Ledger $ledger */
$ledger = require __DIR__.'/boot.php';

try {
    $ledger->record('price', 'plane', 'Another price.', static function (Changes $changes) use ($argv): void {
        $changes->update(
            Tool::of($changes->bench)->where('kind', 'rebate-plane')->firstOrFail(),
            ['price' => 100 + (int) $argv[1]],
            1,
        );
    });
    echo "written\n";
} catch (Conflict) {
    echo "conflict\n";
}
