<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class CamberPlace
{
    public function __construct(
        #[Field('place across the edge, from its middle, mm')] public float $atMm,
        #[Field('how far the edge stands back there, along the back, mm')] public float $backMm,
        #[Field('what that is square to the bevel, µm')] public float $removeUm,
        #[Field('strokes with the fingers pressing there')] public int $strokes,
    ) {
    }
}
