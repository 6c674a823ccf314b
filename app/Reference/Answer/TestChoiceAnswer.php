<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\WhenAnswer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** A choice of a test. */
final readonly class TestChoiceAnswer extends Answer
{
    /**
     * @param  list<WordAnswer>  $options
     */
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('what is read beside it')] public string $label,
        #[Field('how it is measured')] public string $hint,
        #[Field('what can be chosen', of: WordAnswer::class)] public array $options,
        #[Field('what is chosen')] public string $chosen,
        #[Field('whether it is read anew at each test')] public bool $isReading,
        #[Field('when it is asked; null: always')] public ?WhenAnswer $when,
        #[Field('whether it stands aside of the readings')] public bool $isAside,
    ) {
    }
}
