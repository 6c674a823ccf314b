<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An operation that the kit lacks. */
final readonly class PlanLackAnswer extends Answer
{
    public function __construct(
        #[Field('what is to be done')] public string $operation,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
