<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** The curve as far as it has been typed. */
final readonly class CurvePreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<CurvePlaceAnswer>  $places
     * @param  list<string>  $lines
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('width, mm')] public float $widthMm,
        #[Field('radius of the curve, mm')] public ?float $radiusMm,
        #[Field('rise of the curve over the width, mm')] public ?float $sagMm,
        #[Field('what it comes to on another bed; null: the same')] public ?OtherBedAnswer $other,
        #[Field('place by place', of: CurvePlaceAnswer::class)] public array $places,
        #[Field('line by line, ready to be read', of: 'string')] public array $lines,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('whether it can be recorded as it is')] public bool $sound,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
