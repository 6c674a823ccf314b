<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Stall\Outcome;
use JackRest\Desk\Form\Reading;

/** One check of a look. */
final readonly class LookCheckAnswer extends Answer
{
    /**
     * @param  list<WordAnswer>  $outcomes
     * @param  list<string>  $labels
     * @param  list<string>  $typed
     * @param  list<Reading>  $readings
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what to look at')] public string $asks,
        #[Field('how to know that it is done')] public string $see,
        #[Field('what it shows by')] public string $sign,
        #[Field('what a check can find', of: WordAnswer::class)] public array $outcomes,
        #[Field('what was found; null: not looked at')] public ?Outcome $outcome,
        #[Field('ready to be read')] public string $says,
        #[Field('what its readings are called', of: 'string')] public array $labels,
        #[Field('as it would be typed', of: 'string')] public array $typed,
        #[Field('what was typed and how it was understood, by field', of: Reading::class)] public array $readings,
        #[Field('what speaks for it; null: not told')] public ?string $sound,
    ) {
    }
}
