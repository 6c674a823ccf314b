<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One line of a price. */
final readonly class PriceLineAnswer extends Answer
{
    public function __construct(
        #[Field('what it is paid for')] public string $says,
        #[Field('how much, ready to be read')] public string $amount,
    ) {
    }
}
