<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Edge\StepKind;

/** One step of sharpening. */
final readonly class PlanStepAnswer extends Answer
{
    public function __construct(
        #[Field('the stone')] public string $stone,
        #[Field('what is read beside it')] public string $label,
        #[Field('which kind it is')] public StepKind $kind,
        #[Field('size of the grit, µm')] public float $particleUm,
        #[Field('what comes off, µm')] public float $removeUm,
        #[Field('how many strokes')] public int $strokes,
        #[Field('how long, s')] public float $seconds,
        #[Field('how long it takes')] public string $minutes,
        #[Field('how to know that it is done')] public string $see,
    ) {
    }
}
