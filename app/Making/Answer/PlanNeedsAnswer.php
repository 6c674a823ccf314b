<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;

/** What a plan asks of the kit. */
final readonly class PlanNeedsAnswer extends Answer
{
    /**
     * @param  list<PlanLackAnswer>  $missing
     * @param  list<PlanGetAnswer>  $ladder
     */
    public function __construct(
        #[Field('ready to be read')] public string $says,
        #[Field('what is not there yet', of: PlanLackAnswer::class)] public array $missing,
        #[Field('what to get, in order', of: PlanGetAnswer::class)] public array $ladder,
        #[Field('what it comes to, ready to be read')] public string $cost,
        #[Field('what to do first; null: nothing is missing')] public ?NextAnswer $next,
    ) {
    }
}
