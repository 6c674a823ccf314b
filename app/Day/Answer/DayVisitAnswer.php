<?php

declare(strict_types=1);

namespace App\Day\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Edge\StepKind;

/** One edge on one stone. */
final readonly class DayVisitAnswer extends Answer
{
    public function __construct(
        #[Field('the edge\'s number')] public int $edgeId,
        #[Field('the edge')] public string $edge,
        #[Field('how many strokes')] public int $strokes,
        #[Field('how long, s')] public float $seconds,
        #[Field('which kind it is')] public StepKind $kind,
        #[Field('how the guide is set')] public string $setting,
    ) {
    }
}
