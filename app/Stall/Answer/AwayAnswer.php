<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a phone takes along to the stall, to look tools over without connection. */
final readonly class AwayAnswer extends Answer
{
    /** @param  list<AwayKindAnswer>  $kinds */
    public function __construct(
        #[Field('kind by kind', of: AwayKindAnswer::class)] public array $kinds,
        #[Field('what an hour is worth, ready to be read')] public string $perHour,
        #[Field('what to beware of')] public string $caution,
    ) {
    }
}
