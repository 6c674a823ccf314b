<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Strokes from one place to another. */
final readonly class StraightedgeStrokeAnswer extends Answer
{
    public function __construct(
        #[Field('where it begins, mm')] public float $fromMm,
        #[Field('where it ends, mm')] public float $toMm,
        #[Field('how many')] public int $count,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
