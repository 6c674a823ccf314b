<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One check, as it is told before a tool is in the hand. */
final readonly class StallCheckAnswer extends Answer
{
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what to look at')] public string $asks,
        #[Field('how to know that it is sound')] public string $see,
        #[Field('what it shows by')] public string $sign,
        #[Field('why to leave the tool there; null: it can always be mended')] public ?string $walkAway,
    ) {
    }
}
