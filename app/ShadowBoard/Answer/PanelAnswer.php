<?php

declare(strict_types=1);

namespace App\ShadowBoard\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The panel of a shadow board. */
final readonly class PanelAnswer extends Answer
{
    public function __construct(
        #[Field('width, mm')] public float $widthMm,
        #[Field('height, mm')] public float $heightMm,
    ) {
    }
}
