<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What an edge can be for. */
final readonly class DutyAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('why one says so')] public string $because,
        #[Field('how fine it is honed for that')] public string $finish,
    ) {
    }
}
