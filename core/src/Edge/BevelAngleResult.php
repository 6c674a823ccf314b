<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class BevelAngleResult
{
    public function __construct(
        #[Field('the bevel angle, degrees')] public float $angleDeg,
        #[Field('its standard uncertainty, degrees')] public float $uncertaintyDeg,
    ) {
    }
}
