<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\InstrumentAnswer;
use JackRest\Core\Calculation\Field;

/** What the page of three edges begins with. */
final readonly class ThreeEdgesPageAnswer extends Answer
{
    /**
     * @param  list<InstrumentAnswer>  $instruments
     */
    public function __construct(
        #[Field('what stands in the fields')] public ThreeEdgesSheetAnswer $sheet,
        #[Field('what a gap can be read with', of: InstrumentAnswer::class)] public array $instruments,
    ) {
    }
}
