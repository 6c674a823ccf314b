<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One test in a reference's trail. */
final readonly class TrailPointAnswer extends Answer
{
    public function __construct(
        #[Field('days from the first')] public float $day,
        #[Field('its error, mm')] public float $errorMm,
        #[Field('whether it was outside its tolerance')] public bool $outside,
    ) {
    }
}
