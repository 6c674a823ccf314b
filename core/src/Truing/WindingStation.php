<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

/** What the far stick showed at one place along the board. */
final readonly class WindingStation
{
    public function __construct(
        #[Field('place along the board, mm')] public float $atMm,
        #[Field('reading there against the first station, mm')] public float $readingMm,
    ) {
    }
}
