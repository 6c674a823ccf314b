<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A point of a drawing. */
final readonly class DrawnPointAnswer extends Answer
{
    public function __construct(
        #[Field('mm from the left')] public float $x,
        #[Field('mm from the top')] public float $y,
    ) {
    }
}
