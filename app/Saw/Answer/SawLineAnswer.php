<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One line about a saw. */
final readonly class SawLineAnswer extends Answer
{
    public function __construct(
        #[Field('what is read beside it')] public string $label,
        #[Field('ready to be read')] public string $text,
    ) {
    }
}
