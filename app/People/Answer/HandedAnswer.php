<?php

declare(strict_types=1);

namespace App\People\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An address that works once. */
final readonly class HandedAnswer extends Answer
{
    public function __construct(
        #[Field('to be opened by whoever it is for')] public string $address,
        #[Field('until when, ready to be read')] public string $until,
        #[Field('for how long')] public int $minutes,
    ) {
    }
}
