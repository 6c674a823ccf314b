<?php

declare(strict_types=1);

use Contract\ContractWriter;

require __DIR__.'/../vendor/autoload.php';

file_put_contents($argv[1] ?? __DIR__.'/openapi.json', ContractWriter::json());
