<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class WindingMapResult
{
    /** @param  list<WindingCorner>  $corners */
    public function __construct(
        #[
            Field('two edge points of the board for every station, left before right', of: WindingCorner::class),
        ]
        public array $corners,
        #[Field('largest twist of a station less the smallest, mm', atLeast: 0)] public float $totalTwistMm,
    ) {
    }
}
