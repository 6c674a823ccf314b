<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The fields of the page of three edges. */
final readonly class ThreeEdgesTypedAnswer extends Answer
{
    /**
     * @param  list<int>  $references
     * @param  list<ThreeEdgesRowAnswer>  $rows
     */
    public function __construct(
        #[Field('thickness of a shaving')] public string $shaving,
        #[Field('how good it has to be')] public string $tolerance,
        #[Field('what the gap is read with')] public string $instrument,
        #[Field('which straightedge on the list each edge is; 0: none', of: 'integer')] public array $references,
        #[Field('line by line', of: ThreeEdgesRowAnswer::class)] public array $rows,
    ) {
    }
}
