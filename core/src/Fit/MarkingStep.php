<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

/** One step of a chain of marking and transferring. */
final readonly class MarkingStep
{
    public function __construct(
        #[Field('what marks or reads')] public Marker $marker,
        #[Field('how often this step comes in the chain', atLeast: 1, atMost: 1000)] public int $times = 1,
        #[Field('the user’s own width of line instead', above: 0)] public ?float $widthMm = null,
    ) {
    }
}
