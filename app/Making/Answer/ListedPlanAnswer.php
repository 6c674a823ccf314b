<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A plan in the list. */
final readonly class ListedPlanAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('ready to be read')] public string $says,
        #[Field('how long it takes')] public int $minutes,
        #[Field('how many days')] public int $days,
        #[Field('how it looks at its usual sizes')] public PlanViewAnswer $face,
    ) {
    }
}
