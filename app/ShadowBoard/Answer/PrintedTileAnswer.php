<?php

declare(strict_types=1);

namespace App\ShadowBoard\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One page of the print. */
final readonly class PrintedTileAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('mm from the left')] public float $xMm,
        #[Field('mm from the top')] public float $yMm,
        #[Field('width, mm')] public float $widthMm,
        #[Field('height, mm')] public float $heightMm,
    ) {
    }
}
