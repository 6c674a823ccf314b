<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** One place of a board, as it was understood. */
final readonly class WindingRowReadAnswer extends Answer
{
    public function __construct(
        #[Field('where or when')] public Reading $at,
        #[Field('what was read there')] public Reading $reading,
    ) {
    }
}
