<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One place of a board, as typed. */
final readonly class WindingRowAnswer extends Answer
{
    public function __construct(
        #[Field('where or when')] public string $at,
        #[Field('what was read there')] public string $reading,
    ) {
    }
}
