<?php

declare(strict_types=1);

namespace App\Home;

use App\Home\Answer\BenchAnswer;
use App\Ledger\Ledger;
use JackRest\Core\Measure\LengthFormatter;

/** Small things that keep the kit well. */
final class UpkeepController
{
    /** One tap: it is done. */
    public function done(Ledger $ledger, string $key, LengthFormatter $format): BenchAnswer
    {
        (new RecurringOfBench($ledger->bench))->done($ledger, $key);

        return (new BenchController())->show($ledger->bench, $format);
    }
}
