<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The curve as it comes to on another bed. */
final readonly class OtherBedAnswer extends Answer
{
    public function __construct(
        #[Field('radius of the curve, mm')] public float $radiusMm,
        #[Field('rise of the curve over the width, mm')] public float $sagMm,
        #[Field('the bed, ready to be read')] public string $bed,
    ) {
    }
}
