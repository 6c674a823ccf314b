<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a saw can be used for. */
final readonly class SawUseAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('why it is so')] public string $why,
        #[Field('rake, degrees')] public float $rakeDeg,
        #[Field('fleam, degrees')] public float $fleamDeg,
    ) {
    }
}
