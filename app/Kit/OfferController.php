<?php

declare(strict_types=1);

namespace App\Kit;

use App\Kit\Answer\KitAnswer;
use App\Ledger\Ledger;
use App\Tool\ToolStatus;
use JackRest\Core\Measure\LengthFormatter;

/** Tools that the plan proposes. */
final class OfferController
{
    /** A tool of the plan was got or made: it hangs on the board from now on. */
    public function got(Ledger $ledger, LengthFormatter $format, string $offer): KitAnswer
    {
        return (new TakeOffer($ledger, $format))->as(ToolStatus::Owned, $offer);
    }

    /** A tool of the plan goes on the user's own list, where it can have a price. */
    public function want(Ledger $ledger, LengthFormatter $format, string $offer): KitAnswer
    {
        return (new TakeOffer($ledger, $format))->as(ToolStatus::Wanted, $offer);
    }
}
