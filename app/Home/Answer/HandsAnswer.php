<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What the hands do, step by step, as bench mode draws it. */
final readonly class HandsAnswer extends Answer
{
    /** @param  list<StepHandsAnswer>  $steps */
    public function __construct(
        #[Field('step by step', of: StepHandsAnswer::class)] public array $steps,
    ) {
    }
}
