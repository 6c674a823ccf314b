<?php

declare(strict_types=1);

namespace App\Job\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A phase of a job, planned beside real. */
final readonly class JobPhaseAnswer extends Answer
{
    public function __construct(
        #[Field('the phase, ready to be read')] public string $phase,
        #[Field('planned for what is done, ready to be read')] public string $planned,
        #[Field('what it took, ready to be read; empty: nothing was timed')] public string $took,
    ) {
    }
}
