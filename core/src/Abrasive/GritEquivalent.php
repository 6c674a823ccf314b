<?php

declare(strict_types=1);

namespace JackRest\Core\Abrasive;

use JackRest\Core\Calculation\Field;

final readonly class GritEquivalent
{
    public function __construct(
        #[Field('another scale')] public GritScale $scale,
        #[Field('its designation nearest in size')] public string $designation,
        #[Field('that designation\'s median particle size, micrometres')] public float $particleUm,
    ) {
    }
}
