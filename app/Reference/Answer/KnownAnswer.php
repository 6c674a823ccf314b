<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\InstrumentAnswer;
use JackRest\Core\Calculation\Field;

/** What a known square can be compared with. */
final readonly class KnownAnswer extends Answer
{
    /**
     * @param  list<KnownSquareAnswer>  $known
     * @param  list<KnownSquareAnswer>  $squares
     * @param  list<InstrumentAnswer>  $instruments
     */
    public function __construct(
        #[Field('squares that can be compared with', of: KnownSquareAnswer::class)] public array $known,
        #[Field('squares that can be compared', of: KnownSquareAnswer::class)] public array $squares,
        #[Field('what the gap is read with')] public string $instrument,
        #[Field('what a gap can be read with', of: InstrumentAnswer::class)] public array $instruments,
    ) {
    }
}
