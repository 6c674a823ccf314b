<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a flat surface is drawn by. */
final readonly class FlatDrawnAnswer extends Answer
{
    /**
     * @param  list<FlatPlaceAnswer>  $places
     */
    public function __construct(
        #[Field('length, mm')] public float $lengthMm,
        #[Field('width, mm')] public float $widthMm,
        #[Field('how many places along')] public int $along,
        #[Field('how many places across')] public int $across,
        #[Field('place by place', of: FlatPlaceAnswer::class)] public array $places,
    ) {
    }
}
