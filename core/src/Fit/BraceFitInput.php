<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Timber\Hardness;

final readonly class BraceFitInput
{
    /** @param  list<float>  $sweepsMm */
    public function __construct(
        #[Field('diameter of the bit', above: 0, atMost: 150)] public float $diameterMm,
        #[Field('how hard the wood is')] public Hardness $hardness,
        #[Field('pitch of the lead screw: how far a turn goes in', above: 0)] public float $feedPerTurnMm = 1.5,
        #[Field('what the hand gives without straining, newton', above: 0)] public float $handForceN = 120.0,
        #[Field('braces to be compared, by sweep', of: 'number', above: 0, maxItems: 1000)] public array $sweepsMm = [],
    ) {
    }
}
