<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class MarkingChainInput
{
    /** @param  list<MarkingStep>  $steps */
    public function __construct(
        #[
            Field('the steps from the first line to the last', of: MarkingStep::class, minItems: 1, maxItems: 1000),
        ]
        public array $steps,
        #[Field('how far off the fit can bear', above: 0)] public ?float $toleranceMm = null,
    ) {
    }
}
