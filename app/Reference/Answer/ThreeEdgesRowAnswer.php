<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One station, as typed. */
final readonly class ThreeEdgesRowAnswer extends Answer
{
    public function __construct(
        #[Field('where or when')] public string $at,
        #[Field('between the first edge and the second')] public string $ab,
        #[Field('between the second edge and the third')] public string $bc,
        #[Field('between the third edge and the first')] public string $ca,
        #[Field('between the first and the second turned end for end')] public string $abTurned,
    ) {
    }
}
