<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class CuttingGeometryResult
{
    /** @param  list<string>  $warnings */
    public function __construct(
        #[Field('angle of the steel itself, degrees')] public float $includedDeg,
        #[Field('angle at which the iron meets the wood, degrees')] public float $cuttingDeg,
        #[Field('angle between the wood and the steel behind the edge, degrees')] public float $clearanceDeg,
        #[Field('cutting angle along the path when the plane is skewed, degrees')] public float $effectiveCuttingDeg,
        #[Field('what is doubtful about it', of: 'string')] public array $warnings,
    ) {
    }
}
