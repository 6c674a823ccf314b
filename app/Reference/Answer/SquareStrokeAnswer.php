<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One stroke on a square's blade. */
final readonly class SquareStrokeAnswer extends Answer
{
    public function __construct(
        #[Field('where it begins, mm')] public float $fromMm,
        #[Field('where it ends, mm')] public float $toMm,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
