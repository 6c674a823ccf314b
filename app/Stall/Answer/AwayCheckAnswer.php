<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** One check that is made without connection. */
final readonly class AwayCheckAnswer extends Answer
{
    /**
     * @param  list<WordAnswer>  $outcomes
     * @param  list<string>  $labels
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what to look at')] public string $asks,
        #[Field('how to know that it is done')] public string $see,
        #[Field('what it shows by')] public string $sign,
        #[Field('what a check can find', of: WordAnswer::class)] public array $outcomes,
        #[Field('how many standings it has: not made, sound and, where it can be mended, to mend')]
        public int $standings,
        #[Field('what mending it takes; null: it cannot be mended')] public ?string $mending,
        #[Field('why to leave it; null: it can always be mended')] public ?string $walkAway,
        #[Field('what its readings are called', of: 'string')] public array $labels,
        #[Field('what speaks for it; null: not told')] public ?string $sound,
    ) {
    }
}
