<?php

declare(strict_types=1);

namespace App\SetOut\Answer;

use App\Http\Answer;
use App\Http\Answer\FieldAnswer;
use JackRest\Core\Calculation\Field;

/** A question of setting out, and what it asks. */
final readonly class SetOutQuestionAnswer extends Answer
{
    /**
     * @param  list<FieldAnswer>  $fields
     * @param  list<SetOutChoiceAnswer>  $choices
     */
    public function __construct(
        #[Field('which question')] public string $id,
        #[Field('what it is called')] public string $label,
        #[Field('what it answers')] public string $says,
        #[Field('the figures it asks', of: FieldAnswer::class)] public array $fields,
        #[Field('what is chosen', of: SetOutChoiceAnswer::class)] public array $choices,
    ) {
    }
}
