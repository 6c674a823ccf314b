<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class ShavingMapResult
{
    /**
     * @param  list<int>  $shavings
     * @param  list<ShavingPass>  $passes
     */
    public function __construct(
        #[Field('shavings at each station', of: 'integer')] public array $shavings,
        #[Field('the strokes in order, shortest first', of: ShavingPass::class)] public array $passes,
        #[Field('how many strokes')] public int $passCount,
        #[Field('largest distance left from what was asked, mm')] public float $residualMm,
    ) {
    }
}
