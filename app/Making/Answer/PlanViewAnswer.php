<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One view of a plan's drawing. */
final readonly class PlanViewAnswer extends Answer
{
    /**
     * @param  list<string>  $seen
     * @param  list<string>  $hidden
     * @param  list<PlanDimAnswer>  $dims
     */
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('width, mm')] public float $widthMm,
        #[Field('height, mm')] public float $heightMm,
        #[Field('outlines that are seen, SVG path data in mm', of: 'string')] public array $seen,
        #[Field('outlines behind, SVG path data in mm', of: 'string')] public array $hidden,
        #[Field('the dimensions', of: PlanDimAnswer::class)] public array $dims,
    ) {
    }
}
