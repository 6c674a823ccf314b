<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One step of a plan. */
final readonly class MakingStepAnswer extends Answer
{
    public function __construct(
        #[Field('its heading')] public string $title,
        #[Field('ready to be read')] public string $says,
        #[Field('how to check it')] public string $check,
        #[Field('how long it takes')] public int $minutes,
        #[Field('with which tools')] public string $tools,
        #[Field('what has to rest afterwards; null: nothing')] public ?string $wait,
    ) {
    }
}
