<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\NamedAnswer;
use JackRest\Core\Calculation\Field;

/** One rung of the ladder. */
final readonly class RungAnswer extends Answer
{
    /**
     * @param  list<RungToolAnswer>  $tools
     * @param  list<NamedAnswer>  $unlocks
     */
    public function __construct(
        #[Field('with which tools', of: RungToolAnswer::class)] public array $tools,
        #[Field('whether it is made and not bought')] public bool $made,
        #[Field('the plan it is made by; null: it is bought')] public ?string $plan,
        #[Field('what it costs')] public float $cost,
        #[Field('what it costs, ready to be read')] public string $costText,
        #[Field('what has been spent before')] public float $from,
        #[Field('what has been spent then')] public float $to,
        #[Field('what has been spent then, ready to be read')] public string $toText,
        #[Field('how long it takes')] public int $minutes,
        #[Field('the works that can be done then', of: NamedAnswer::class)] public array $unlocks,
        #[Field('in which month it can be paid; null: not told')] public ?string $month,
        #[Field('what comes too late; null: nothing')] public ?string $late,
    ) {
    }
}
