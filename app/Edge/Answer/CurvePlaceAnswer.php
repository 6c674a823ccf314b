<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Strokes at one place of the edge. */
final readonly class CurvePlaceAnswer extends Answer
{
    public function __construct(
        #[Field('how far along, mm')] public float $atMm,
        #[Field('how many strokes')] public int $strokes,
    ) {
    }
}
