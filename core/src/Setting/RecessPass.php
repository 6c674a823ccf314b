<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

/** One run of the plane's iron. */
final readonly class RecessPass
{
    public function __construct(
        #[Field('from the edge to the iron\'s near side, mm; negative: so much of the iron lies over the edge')]
        public float $fenceMm,
        #[Field('where it begins to cut, mm from the edge')] public float $fromMm,
        #[Field('as far as it cuts, mm from the edge')] public float $toMm,
    ) {
    }
}
