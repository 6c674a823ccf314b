<?php

declare(strict_types=1);

use App\Ledger\Changes;
use App\Ledger\Ledger;

/** @var Ledger $ledger */
$ledger = require __DIR__.'/boot.php';
$ledger->record('note', 'shed', "Note {$argv[1]}.", static function (Changes $changes): void {
});
echo "written\n";
