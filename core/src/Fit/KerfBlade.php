<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

/** A blade that might be dropped into a kerf. */
final readonly class KerfBlade
{
    public function __construct(
        #[Field('name of the blade')] public string $id,
        #[Field('its thickness', above: 0)] public float $thicknessMm,
        #[Field('set of its teeth to one side', atLeast: 0)] public float $setPerSideMm = 0.0,
    ) {
    }
}
