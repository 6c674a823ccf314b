<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class StraightedgeReversalResult
{
    /**
     * @param  list<float>  $deviationMm
     * @param  list<float>  $removeMm
     * @param  list<int>|null  $shavings
     */
    public function __construct(
        #[Field('how far the edge stands proud at each station, mm', of: 'number')] public array $deviationMm,
        #[
            Field('distance of the two nearest parallel lines that hold the whole edge, mm', atLeast: 0),
        ]
        public float $straightnessMm,
        #[Field('station where most is to come off, mm')] public float $worstAtMm,
        #[Field('what the edge looks like between its ends')] public EdgeShape $shape,
        #[Field('to be taken off at each station, mm', of: 'number')] public array $removeMm,
        #[Field('shavings at each station', of: 'integer')] public ?array $shavings = null,
    ) {
    }
}
