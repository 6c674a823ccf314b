<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One calculation by name. */
final readonly class CalculationAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('its heading')] public string $title,
    ) {
    }
}
