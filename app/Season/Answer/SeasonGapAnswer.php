<?php

declare(strict_types=1);

namespace App\Season\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Days without a reading. */
final readonly class SeasonGapAnswer extends Answer
{
    public function __construct(
        #[Field('where it begins, days from the first')] public float $fromDay,
        #[Field('where it ends, days from the first')] public float $untilDay,
    ) {
    }
}
