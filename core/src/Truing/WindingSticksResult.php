<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class WindingSticksResult
{
    public function __construct(
        #[
            Field('twist over the width of the board, mm; positive where the far right corner is high'),
        ]
        public float $twistMm,
        #[Field('the same as an angle, degrees')] public float $twistDeg,
        #[Field('how many times the sticks show it larger')] public float $magnification,
        #[Field('to be taken off each of the two high corners, mm', atLeast: 0)] public float $removeAtHighCornersMm,
        #[Field('the far stick’s own error over its length, mm')] public ?float $stickErrorMm = null,
        #[Field('shavings that take it off a corner')] public ?int $shavings = null,
    ) {
    }
}
