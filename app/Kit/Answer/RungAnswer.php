<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One rung of the ladder. */
final readonly class RungAnswer extends Answer
{
    /**
     * @param  list<RungToolAnswer>  $tools
     * @param  list<ReachedAnswer>  $unlocks
     */
    public function __construct(
        #[Field('which stage it is part of, from 1; 0: what is possible already')] public int $stage,
        #[Field('what is got or made, in order', of: RungToolAnswer::class)] public array $tools,
        #[Field('whether all of it is made and nothing bought')] public bool $made,
        #[Field('what it costs')] public float $cost,
        #[Field('what it costs, ready to be read')] public string $costText,
        #[Field('what has been spent before')] public float $from,
        #[Field('what has been spent then')] public float $to,
        #[Field('what has been spent then, ready to be read')] public string $toText,
        #[Field('how long making takes what is made, minutes')] public int $minutes,
        #[Field('the works that can be made so well then', of: ReachedAnswer::class)] public array $unlocks,
        #[Field('in which month it can be paid; null: not told')] public ?string $month,
        #[Field('what comes too late; null: nothing')] public ?string $late,
    ) {
    }
}
