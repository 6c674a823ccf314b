<?php

declare(strict_types=1);

namespace App\Eye\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Eye\Exercise;

/** An exercise, and what an eye was found to see in it. */
final readonly class EyeExerciseAnswer extends Answer
{
    public function __construct(
        #[Field('which it is')] public Exercise $exercise,
        #[Field('what is read beside it')] public string $label,
        #[Field('what it tells')] public string $says,
        #[Field('what was found, ready to be read; null: not looked for yet')] public ?string $seen,
        #[Field('what it counts for, ready to be read')] public string $counts,
        #[Field('when it was found, ready to be read; null: not yet')] public ?string $on,
        #[Field('whether it is drawn at true size: then the screen must be known')] public bool $isDrawn,
        #[Field('whether that has grown old')] public bool $isOld,
        #[Field('the run that is not ended; null: none')] public ?int $open,
    ) {
    }
}
