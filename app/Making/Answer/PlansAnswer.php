<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What can be made and what is being made. */
final readonly class PlansAnswer extends Answer
{
    /**
     * @param  list<ListedPlanAnswer>  $plans
     * @param  list<ListedMakingAnswer>  $makings
     */
    public function __construct(
        #[Field('what can be made', of: ListedPlanAnswer::class)] public array $plans,
        #[Field('what is being made', of: ListedMakingAnswer::class)] public array $makings,
    ) {
    }
}
