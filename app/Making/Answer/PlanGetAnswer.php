<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What to get for a plan. */
final readonly class PlanGetAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('what it costs')] public string $price,
        #[Field('whether it is made and not bought')] public bool $made,
    ) {
    }
}
