<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

/** Pairs of edges read once more with the second of them turned end for end. */
final readonly class TurnedPairs
{
    /**
     * @param  list<float>|null  $abMm
     * @param  list<float>|null  $bcMm
     * @param  list<float>|null  $caMm
     */
    public function __construct(
        #[
            Field('first and second, the second turned, mm', of: 'number', minItems: 2, maxItems: 1000),
        ]
        public ?array $abMm = null,
        #[
            Field('second and third, the third turned, mm', of: 'number', minItems: 2, maxItems: 1000),
        ]
        public ?array $bcMm = null,
        #[
            Field('third and first, the first turned, mm', of: 'number', minItems: 2, maxItems: 1000),
        ]
        public ?array $caMm = null,
    ) {
    }

    public function any(): bool
    {
        return $this->abMm !== null || $this->bcMm !== null || $this->caMm !== null;
    }
}
