<?php

declare(strict_types=1);

namespace JackRest\Core\Abrasive;

use JackRest\Core\Calculation\Field;

final readonly class GritResult
{
    /** @param  list<GritEquivalent>  $equivalents */
    public function __construct(
        #[Field('median particle size, micrometres')] public float $particleUm,
        #[
            Field('the designation nearest in size in every other scale', of: GritEquivalent::class),
        ]
        public array $equivalents,
    ) {
    }
}
