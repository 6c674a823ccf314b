<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class ChiselFitInput
{
    /** @param  list<float>  $chiselsMm */
    public function __construct(
        #[Field('widths of the chisels at hand', of: 'number', above: 0, maxItems: 1000)] public array $chiselsMm,
        #[
            Field('width of a pin where it is narrowest: the gap between two tails', above: 0),
        ]
        public ?float $pinMm = null,
        #[Field('thickness of the board the pins go through', above: 0)] public ?float $thicknessMm = null,
        #[Field('slope of the tails, 1 in so many', above: 0)] public float $slopeRatio = 7.0,
        #[Field('width of a mortise', above: 0)] public ?float $mortiseMm = null,
    ) {
    }
}
