<?php

declare(strict_types=1);

namespace App\People\Answer;

use App\Http\Answer;
use App\People\TicketKind;
use JackRest\Core\Calculation\Field;

/** What a ticket is for. */
final readonly class TicketAnswer extends Answer
{
    public function __construct(
        #[Field('what it opens')] public TicketKind $kind,
        #[Field('the bench\'s name; empty: all of them')] public string $bench,
        #[Field('what they may do there, ready to be read')] public string $role,
    ) {
    }
}
