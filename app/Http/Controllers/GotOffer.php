<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Ledger\Ledger;
use App\Models\ToolStatus;
use Illuminate\Http\JsonResponse;

/** A tool of the plan was got or made: it hangs on the board from now on. */
final class GotOffer
{
    public function __invoke(Ledger $ledger, string $offer): JsonResponse
    {
        return (new TakeOffer($ledger))->as(ToolStatus::Owned, $offer);
    }
}
