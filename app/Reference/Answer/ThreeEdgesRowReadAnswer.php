<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** One station, as it was understood. */
final readonly class ThreeEdgesRowReadAnswer extends Answer
{
    public function __construct(
        #[Field('where or when')] public Reading $at,
        #[Field('between the first edge and the second')] public Reading $ab,
        #[Field('between the second edge and the third')] public Reading $bc,
        #[Field('between the third edge and the first')] public Reading $ca,
        #[Field('between the first and the second turned end for end')] public Reading $abTurned,
    ) {
    }
}
