<?php

declare(strict_types=1);

use App\Bench\Bench;
use App\Ledger\Ledger;
use Illuminate\Contracts\Console\Kernel;

require __DIR__.'/../../vendor/autoload.php';

$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

return new Ledger(Bench::query()->firstOrFail());
