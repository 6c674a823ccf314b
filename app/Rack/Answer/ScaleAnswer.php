<?php

declare(strict_types=1);

namespace App\Rack\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A way to tell the size of a stone. */
final readonly class ScaleAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('what may stand on a stone')] public string $example,
    ) {
    }
}
