<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Every operation. */
final readonly class OperationsAnswer extends Answer
{
    /**
     * @param  list<OperationAnswer>  $operations
     */
    public function __construct(
        #[Field('operation by operation', of: OperationAnswer::class)] public array $operations,
    ) {
    }
}
