<?php

declare(strict_types=1);

namespace App\Files\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a file would bring. */
final readonly class ImportPreviewAnswer extends Answer
{
    /**
     * @param  list<string>  $first
     * @param  list<WrongLineAnswer>  $wrong
     * @param  list<string>  $notes
     */
    public function __construct(
        #[Field('how many can be imported')] public int $sound,
        #[Field('the first of them', of: 'string')] public array $first,
        #[Field('how many are here already')] public int $here,
        #[Field('the lines that are wrong', of: WrongLineAnswer::class)] public array $wrong,
        #[Field('how many lines are wrong')] public int $wrongCount,
        #[Field('what stood there before; null: nothing')] public ?string $before,
        #[Field('what has to be answered first; null: nothing')] public ?ImportQuestionAnswer $question,
        #[Field('what is to be said of it', of: 'string')] public array $notes,
    ) {
    }
}
