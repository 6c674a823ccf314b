<?php

declare(strict_types=1);

namespace App\Blank\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A piece as it is sawn out, before it is planed to its size. */
final readonly class RoughSizeAnswer extends Answer
{
    public function __construct(
        #[Field('length, mm')] public float $lengthMm,
        #[Field('width, mm')] public float $widthMm,
        #[Field('thickness, mm')] public float $thicknessMm,
    ) {
    }
}
