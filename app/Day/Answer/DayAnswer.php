<?php

declare(strict_types=1);

namespace App\Day\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;

/** A sharpening day. */
final readonly class DayAnswer extends Answer
{
    /**
     * @param  list<DayEdgeAnswer>  $edges
     * @param  list<DayRoundAnswer>  $rounds
     * @param  list<string>  $waits
     */
    public function __construct(
        #[Field('edge by edge', of: DayEdgeAnswer::class)] public array $edges,
        #[Field('round by round', of: DayRoundAnswer::class)] public array $rounds,
        #[Field('what waits for another day', of: 'string')] public array $waits,
        #[Field('how long it all takes, s')] public float $totalSeconds,
        #[Field('what going stone by stone saves, s')] public float $savesSeconds,
        #[Field('whether there is no stone at all')] public bool $rackIsEmpty,
        #[Field('what to do next')] public NextAnswer $next,
    ) {
    }
}
