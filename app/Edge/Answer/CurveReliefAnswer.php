<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The relief for one wood. */
final readonly class CurveReliefAnswer extends Answer
{
    public function __construct(
        #[Field('how hard the wood is')] public string $wood,
        #[Field('the relief')] public string $relief,
    ) {
    }
}
