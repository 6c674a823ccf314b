<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class HoningStep
{
    public function __construct(
        #[Field('the stone')] public string $id,
        #[Field('what it removes square to the face, micrometres')] public float $removeUm,
        #[Field('full strokes')] public int $strokes,
        #[Field('time with fetching the stone, seconds')] public float $seconds,
    ) {
    }
}
