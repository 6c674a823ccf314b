<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Ledger\Ledger;
use App\Models\ToolStatus;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A tool of the plan goes on the user's own list, where it can have a price. */
final class WantOffer
{
    public function __invoke(Ledger $ledger, LengthFormatter $format, string $offer): JsonResponse
    {
        return (new TakeOffer($ledger, $format))->as(ToolStatus::Wanted, $offer);
    }
}
