<?php

declare(strict_types=1);

use Bench\Report;

require __DIR__.'/../vendor/autoload.php';

exit((new Report((int) ($argv[1] ?? 0)))->run());
