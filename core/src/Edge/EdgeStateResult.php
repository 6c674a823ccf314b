<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class EdgeStateResult
{
    public function __construct(
        #[Field('how far the edge goes back along the back, mm')] public float $recessionMm,
        #[Field('what the stones remove square to the face, micrometres')] public float $removeUm,
        #[Field('width of the face on the stone, mm')] public float $contactWidthMm,
        #[Field('length of the face on the stone, mm')] public float $contactLengthMm,
    ) {
    }
}
