<?php

declare(strict_types=1);

namespace App\Care\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A kind of what is used up. */
final readonly class ConsumableKindAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('one of it, in words')] public string $one,
    ) {
    }
}
