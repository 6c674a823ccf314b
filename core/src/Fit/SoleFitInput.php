<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class SoleFitInput
{
    public function __construct(
        #[Field('length of the sole', above: 0)] public float $soleLengthMm,
        #[Field('length of the board', above: 0)] public float $boardLengthMm,
        #[Field('thickness of the last shaving', above: 0)] public float $shavingMm,
        #[Field('how far from straight the edge may be', above: 0)] public float $toleranceMm,
    ) {
    }
}
