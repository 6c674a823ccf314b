<?php

declare(strict_types=1);

namespace App\Blank\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Shelf\RestVerdict;

/** How a blank's rest stands. */
final readonly class RestAnswer extends Answer
{
    /**
     * @param  list<RestVisitAnswer>  $visits
     */
    public function __construct(
        #[Field('what it comes to')] public RestVerdict $verdict,
        #[Field('ready to be read')] public string $says,
        #[Field('what can be done until then')] public ?string $meanwhile,
        #[Field('when to measure again, ISO 8601')] public ?string $againOn,
        #[Field('time by time', of: RestVisitAnswer::class)] public array $visits,
    ) {
    }
}
