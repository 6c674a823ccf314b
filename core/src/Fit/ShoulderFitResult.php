<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class ShoulderFitResult
{
    /** @param  list<ShoulderIron>  $irons */
    public function __construct(
        #[Field('how deep each shoulder is')] public float $shoulderMm,
        #[Field('the irons, in the order given', of: ShoulderIron::class)] public array $irons,
    ) {
    }
}
