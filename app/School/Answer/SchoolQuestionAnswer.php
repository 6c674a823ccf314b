<?php

declare(strict_types=1);

namespace App\School\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A question of school. */
final readonly class SchoolQuestionAnswer extends Answer
{
    /**
     * @param  list<SchoolAnswerAnswer>  $answers
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('the question it answers')] public string $asks,
        #[Field('the answer that was given')] public string $answer,
        #[Field('what can be answered', of: SchoolAnswerAnswer::class)] public array $answers,
    ) {
    }
}
