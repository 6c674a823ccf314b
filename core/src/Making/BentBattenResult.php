<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

use JackRest\Core\Calculation\Field;

final readonly class BentBattenResult
{
    /** @param  list<float>  $offsetsMm */
    public function __construct(
        #[
            Field('how far the arc stands off the line between the pins, at each station, mm', of: 'number'),
        ]
        public array $offsetsMm,
        #[Field('force that holds its middle out, N')] public float $forceN,
        #[Field('strain of its outermost fibre at the middle, per cent')] public float $strainPct,
        #[Field('radius of the arc at the middle, where it is tightest, mm')] public float $radiusMm,
        #[Field('slope of the arc at its ends, degrees')] public float $endSlopeDeg,
        #[Field('what speaks against it; null: nothing')] public ?string $warning = null,
    ) {
    }
}
