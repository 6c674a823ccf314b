<?php

declare(strict_types=1);

namespace App\Care\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One round of care. */
final readonly class CareRoundAnswer extends Answer
{
    /** @param  list<int>  $tools */
    public function __construct(
        #[Field('its name within the program')] public string $key,
        #[Field('ready to be read')] public string $says,
        #[Field('why it is so')] public string $why,
        #[Field('when it was done last; null: never')] public string $last,
        #[Field('whether it is due')] public bool $isDue,
        #[Field('how long it takes')] public int $minutes,
        #[Field('some of the tools that it is for, one of each kind', of: 'integer')] public array $tools,
    ) {
    }
}
