<?php

declare(strict_types=1);

namespace App\Files\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** What has to be answered before a file is taken in. */
final readonly class ImportQuestionAnswer extends Answer
{
    /**
     * @param  list<WordAnswer>  $answers
     */
    public function __construct(
        #[Field('ready to be read')] public string $says,
        #[Field('what can be answered', of: WordAnswer::class)] public array $answers,
    ) {
    }
}
