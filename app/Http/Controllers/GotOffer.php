<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Ledger\Ledger;
use App\Models\ToolStatus;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A tool of the plan was got or made: it hangs on the board from now on. */
final class GotOffer
{
    public function __invoke(Ledger $ledger, LengthFormatter $format, string $offer): JsonResponse
    {
        return (new TakeOffer($ledger, $format))->as(ToolStatus::Owned, $offer);
    }
}
