<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

/** One point at the edge of a board, and what is to come off there. */
final readonly class WindingCorner
{
    public function __construct(
        #[Field('place along the board, mm')] public float $atMm,
        #[Field('which edge of the board, seen from the near end')] public BoardSide $side,
        #[Field('to be taken off there, mm', atLeast: 0)] public float $removeMm,
        #[Field('shavings that take it off')] public ?int $shavings = null,
    ) {
    }
}
