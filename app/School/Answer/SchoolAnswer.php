<?php

declare(strict_types=1);

namespace App\School\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What the user's school answers. */
final readonly class SchoolAnswer extends Answer
{
    /**
     * @param  list<SchoolQuestionAnswer>  $questions
     * @param  list<OverruleAnswer>  $overrules
     */
    public function __construct(
        #[Field('which state of the record this is')] public int $version,
        #[Field('question by question', of: SchoolQuestionAnswer::class)] public array $questions,
        #[Field('what the user says in spite of the school', of: OverruleAnswer::class)] public array $overrules,
        #[Field('what can be spent in a month; null: not told')] public ?float $perMonth,
        #[Field('what can be spent; null: not told')] public ?float $budget,
        #[Field('how well everything has to be done, 1 to 4; null: not told')] public ?int $floor,
    ) {
    }
}
