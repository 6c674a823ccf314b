<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class BackBevelResult
{
    public function __construct(#[Field('the bevel on the back, degrees')] public float $backBevelDeg)
    {
    }
}
