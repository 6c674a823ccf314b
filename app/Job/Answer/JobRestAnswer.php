<?php

declare(strict_types=1);

namespace App\Job\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What of a job waits, and until when. */
final readonly class JobRestAnswer extends Answer
{
    public function __construct(
        #[Field('what waits for what, ready to be read')] public string $says,
        #[Field('until when, ISO 8601')] public string $until,
    ) {
    }
}
