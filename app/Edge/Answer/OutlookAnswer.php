<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Which edges will be blunt next. */
final readonly class OutlookAnswer extends Answer
{
    /**
     * @param  list<OutlookEdgeAnswer>  $edges
     * @param  list<string>  $compares
     */
    public function __construct(
        #[Field('edge by edge', of: OutlookEdgeAnswer::class)] public array $edges,
        #[Field('how long an evening\'s work with one edge is taken to be, minutes')] public int $jobMinutes,
        #[Field('what holds up better, line by line', of: 'string')] public array $compares,
    ) {
    }
}
