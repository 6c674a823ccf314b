<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Field;

final readonly class WoodMovementResult
{
    /** @param  list<string>  $warnings */
    public function __construct(
        #[Field('moisture content before, per cent')] public float $fromMcPct,
        #[Field('moisture content after, per cent')] public float $toMcPct,
        #[Field('change of size for each per cent, as a fraction')] public float $coefficientPerPct,
        #[Field('change across the grain, mm; shrinking is negative')] public float $changeMm,
        #[Field('how far an edge turns against the fibres, degrees')] public float $rotationDeg,
        #[Field('how far a square cut in the piece changes, degrees')] public float $squareChangeDeg,
        #[Field('what doubts the numbers', of: 'string')] public array $warnings,
        #[
            Field('how far the end of an edge of this length moves, mm; where a length is given'),
        ]
        public ?float $edgeErrorMm = null,
    ) {
    }
}
