<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a kind of tool is looked over by. */
final readonly class StallKindAnswer extends Answer
{
    /** @param  list<StallCheckAnswer>  $checks */
    public function __construct(
        #[Field('its name within the program')] public string $kind,
        #[Field('what it is called')] public string $name,
        #[Field('what a good one is worth')] public string $good,
        #[Field('what is looked at, in the order it can be done there', of: StallCheckAnswer::class)]
        public array $checks,
    ) {
    }
}
