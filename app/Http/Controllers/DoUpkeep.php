<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\UpkeepOfBench;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** One tap: a small thing is done. */
final class DoUpkeep
{
    public function __invoke(Ledger $ledger, string $key, LengthFormatter $format): JsonResponse
    {
        (new UpkeepOfBench($ledger->bench))->done($ledger, $key);

        return (new ShowBench)($ledger->bench, $format);
    }
}
