<?php

declare(strict_types=1);

namespace App\SetOut\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** All questions of setting out, filled from a work where one is named. */
final readonly class SetOutsAnswer extends Answer
{
    /** @param  list<SetOutQuestionAnswer>  $questions */
    public function __construct(
        #[Field('the questions', of: SetOutQuestionAnswer::class)] public array $questions,
        #[Field('the work they are filled from; null: none')] public ?string $work,
    ) {
    }
}
