<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\FieldAnswer;
use JackRest\Core\Calculation\Field;

/** What a test asks: a figure, a choice or a list. */
final readonly class AskedAnswer extends Answer
{
    public function __construct(
        #[Field('a figure; null: not one')] public ?FieldAnswer $field,
        #[Field('the choice')] public ?TestChoiceAnswer $choice,
        #[Field('a list of readings; null: not one')] public ?ReadingListAnswer $list,
    ) {
    }
}
