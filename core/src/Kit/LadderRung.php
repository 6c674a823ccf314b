<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

/** One step up: what to get, what it costs, which works it unlocks. */
final readonly class LadderRung
{
    /**
     * @param  list<string>  $buy
     * @param  list<string>  $unlocks
     */
    public function __construct(
        #[Field('the tools to get, in alphabetical order', of: 'string')] public array $buy,
        #[Field('what they cost')] public float $cost,
        #[Field('the works that become possible, in the order given', of: 'string')] public array $unlocks,
        #[Field('what has been spent by then')] public float $cumulativeCost,
    ) {
    }
}
