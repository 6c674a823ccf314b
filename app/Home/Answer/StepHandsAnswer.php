<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\AtBench\StepDrawing;

/** What the hands do in one step: an edge on a stone, a plane over part of a length, or what is drawn of another. */
final readonly class StepHandsAnswer extends Answer
{
    /** @param  array<string, SizeToldAnswer>  $sizes */
    public function __construct(
        #[Field('sizes of what is drawn, by name', of: SizeToldAnswer::class, keyed: true)] public array $sizes,
        #[Field('at which angle an edge lies on the stone, degrees; null: none does')] public ?float $angleDeg = null,
        #[Field('that angle, ready to be read; null: none')] public ?string $angle = null,
        #[Field('how far it stands out of the guide, ready to be read; null: freehand, or no guide is measured')]
        public ?string $projection = null,
        #[Field('where the plane begins, mm; null: nothing is planed')] public ?float $fromMm = null,
        #[Field('where it runs out, mm; null: nothing is planed')] public ?float $toMm = null,
        #[Field('how long the piece is, mm; null: nothing is planed')] public ?float $lengthMm = null,
        #[Field('where it begins, ready to be read; null: nothing is planed')] public ?string $from = null,
        #[Field('where it runs out, ready to be read; null: nothing is planed')] public ?string $to = null,
        #[Field('what else is drawn; null: nothing')] public ?StepDrawing $drawing = null,
    ) {
    }
}
