<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Truing\BoardSide;

/** A high corner of a board. */
final readonly class WindingPointAnswer extends Answer
{
    public function __construct(
        #[Field('how far along, mm')] public float $atMm,
        #[Field('on which side')] public BoardSide $side,
        #[Field('what to take off, mm')] public float $removeMm,
        #[Field('the same, ready to be read')] public string $remove,
    ) {
    }
}
