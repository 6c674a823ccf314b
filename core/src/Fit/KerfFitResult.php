<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class KerfFitResult
{
    /** @param  list<BladeInKerf>  $blades */
    public function __construct(
        #[Field('width of the saw’s kerf')] public float $kerfMm,
        #[Field('the blades, in the order given', of: BladeInKerf::class)] public array $blades,
    ) {
    }
}
