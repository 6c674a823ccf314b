<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class BackBevelInput
{
    /** @throws InvalidInput when the shim is as thick as it lies far from the edge */
    public function __construct(
        #[Field('thickness of what lies under the back, mm', atLeast: 0)] public float $shimMm,
        #[Field('from its near edge to the edge of the iron, along the back, mm', above: 0)] public float $reachMm,
    ) {
        if ($shimMm >= $reachMm) {
            throw InvalidInput::because('shimMm', "must be less than the reach ($reachMm mm)");
        }
    }
}
