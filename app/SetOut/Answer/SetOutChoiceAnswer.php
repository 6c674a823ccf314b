<?php

declare(strict_types=1);

namespace App\SetOut\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** Something that is chosen, not measured. */
final readonly class SetOutChoiceAnswer extends Answer
{
    /** @param  list<WordAnswer>  $options */
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('what is read beside it')] public string $label,
        #[Field('the answers to choose from', of: WordAnswer::class)] public array $options,
        #[Field('the one that stands where nothing is chosen')] public string $usual,
    ) {
    }
}
