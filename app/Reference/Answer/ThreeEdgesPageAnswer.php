<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\InstrumentAnswer;
use App\Http\Answer\NamedAnswer;
use JackRest\Core\Calculation\Field;

/** What the page of three edges begins with. */
final readonly class ThreeEdgesPageAnswer extends Answer
{
    /**
     * @param  list<InstrumentAnswer>  $instruments
     * @param  list<NamedAnswer>  $straightedges
     */
    public function __construct(
        #[Field('what stands in the fields')] public ThreeEdgesTypedAnswer $typed,
        #[Field('what a gap can be read with', of: InstrumentAnswer::class)] public array $instruments,
        #[Field('straightedges on the list', of: NamedAnswer::class)] public array $straightedges,
    ) {
    }
}
