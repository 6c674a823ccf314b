<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

/** One blade in one kerf. */
final readonly class BladeInKerf
{
    public function __construct(
        #[Field('name of the blade')] public string $id,
        #[Field('its thickness over the set')] public float $overSetMm,
        #[Field('room left in the kerf; negative: it binds')] public float $clearanceMm,
        #[Field('whether it drops into the kerf')] public bool $passes,
    ) {
    }
}
