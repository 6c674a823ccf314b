<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An operation and the ways a tool serves it. */
final readonly class ServiceAnswer extends Answer
{
    /**
     * @param  list<ServiceWayAnswer>  $ways
     */
    public function __construct(
        #[Field('what is to be done')] public string $operation,
        #[Field('the ways to do it', of: ServiceWayAnswer::class)] public array $ways,
    ) {
    }
}
