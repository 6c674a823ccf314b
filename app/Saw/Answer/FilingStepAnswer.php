<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One step of filing. */
final readonly class FilingStepAnswer extends Answer
{
    public function __construct(
        #[Field('the tool')] public string $tool,
        #[Field('ready to be read')] public string $says,
        #[Field('how many')] public string $count,
        #[Field('how long it takes')] public string $minutes,
        #[Field('how to know that it is done')] public string $see,
    ) {
    }
}
