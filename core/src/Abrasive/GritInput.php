<?php

declare(strict_types=1);

namespace JackRest\Core\Abrasive;

use JackRest\Core\Calculation\Field;

final readonly class GritInput
{
    public function __construct(
        #[Field('the scale the abrasive is graded in')] public GritScale $scale,
        #[Field('the number printed on it; in micrometres the size itself')] public string $designation,
    ) {
    }
}
