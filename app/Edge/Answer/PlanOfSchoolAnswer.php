<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What another school would do. */
final readonly class PlanOfSchoolAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('how long, s')] public ?float $seconds,
        #[Field('how long it takes')] public ?string $minutes,
    ) {
    }
}
