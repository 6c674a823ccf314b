<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Field;

final readonly class MoistureDay
{
    public function __construct(
        #[Field('day')] public float $day,
        #[Field('moisture content of the wood on that day, per cent')] public float $mcPct,
    ) {
    }
}
