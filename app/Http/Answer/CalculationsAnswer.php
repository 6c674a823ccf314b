<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The calculations that the terminal knows. */
final readonly class CalculationsAnswer extends Answer
{
    /**
     * @param  list<CalculationAnswer>  $calculations
     */
    public function __construct(
        #[
            Field('every calculation, in the order of its trade', of: CalculationAnswer::class),
        ]
        public array $calculations,
    ) {
    }
}
