<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class BraceFitResult
{
    /** @param  list<BraceAtHand>  $braces */
    public function __construct(
        #[Field('torque the bit takes, newton metre')] public float $torqueNm,
        #[Field('shortest sweep that turns it')] public float $sweepNeededMm,
        #[Field('the braces compared', of: BraceAtHand::class)] public array $braces,
    ) {
    }
}
