<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One dimension on it. */
final readonly class PlanDimAnswer extends Answer
{
    public function __construct(
        #[Field('where it begins, mm from the left')] public float $fromX,
        #[Field('where it begins, mm from the top')] public float $fromY,
        #[Field('where it ends, mm from the left')] public float $toX,
        #[Field('where it ends, mm from the top')] public float $toY,
        #[Field('ready to be read')] public string $says,
        #[Field('on which side', among: ['above', 'below', 'left', 'right'])] public ?string $side,
    ) {
    }
}
