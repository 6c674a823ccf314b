<?php

declare(strict_types=1);

namespace App\Eye\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;

/** The exercises of the eye. */
final readonly class EyeAnswer extends Answer
{
    /** @param  list<EyeExerciseAnswer>  $exercises */
    public function __construct(
        #[Field('the exercises', of: EyeExerciseAnswer::class)] public array $exercises,
        #[Field('how wide a bank card is, mm')] public float $cardMm,
        #[Field('the distance that stands where none is typed')] public string $distance,
        #[Field('what to do next')] public NextAnswer $next,
    ) {
    }
}
