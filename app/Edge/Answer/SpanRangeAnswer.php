<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** When an edge will be blunt. */
final readonly class SpanRangeAnswer extends Answer
{
    public function __construct(
        #[Field('one in ten is sooner')] public float $low,
        #[Field('as likely sooner as later')] public float $middle,
        #[Field('one in ten is later')] public float $high,
    ) {
    }
}
