<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What is asked about an operation. */
final readonly class OperationFactAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('the question it answers')] public string $asks,
    ) {
    }
}
