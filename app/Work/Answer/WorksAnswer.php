<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Every work, and what works begin with. */
final readonly class WorksAnswer extends Answer
{
    /**
     * @param  list<WorkAnswer>  $works
     * @param  list<WorkShapeAnswer>  $shapes
     * @param  list<PatternAnswer>  $patterns
     */
    public function __construct(
        #[Field('what the kit is for', of: WorkAnswer::class)] public array $works,
        #[Field('what each is drawn by', of: WorkShapeAnswer::class)] public array $shapes,
        #[Field('what works begin with', of: PatternAnswer::class)] public array $patterns,
    ) {
    }
}
