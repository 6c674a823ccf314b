<?php

declare(strict_types=1);

namespace App\Day\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One stone of the day. */
final readonly class DayRoundAnswer extends Answer
{
    /**
     * @param  list<DayVisitAnswer>  $visits
     */
    public function __construct(
        #[Field('the stone')] public string $stone,
        #[Field('what is read beside it')] public string $label,
        #[Field('changing to this stone, s')] public float $changeSeconds,
        #[Field('how long it takes')] public string $minutes,
        #[Field('time by time', of: DayVisitAnswer::class)] public array $visits,
    ) {
    }
}
