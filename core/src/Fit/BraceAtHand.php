<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

/** One brace with one bit. */
final readonly class BraceAtHand
{
    public function __construct(
        #[Field('sweep of the brace')] public float $sweepMm,
        #[Field('force at its handle, newton')] public float $forceN,
        #[Field('whether the hand can give it without straining')] public bool $turns,
    ) {
    }
}
