<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class SlopeTemplateResult
{
    public function __construct(
        #[Field('the slope as an angle, degrees')] public float $angleDeg,
        #[Field('the slope as 1 in so many')] public float $ratio,
        #[Field('how much steeper it is than it is meant to be, degrees')] public ?float $errorDeg = null,
    ) {
    }
}
