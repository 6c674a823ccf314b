<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

/** One edge as it came out of a test against others. */
final readonly class EdgeFound
{
    /**
     * @param  list<float>  $deviationMm
     * @param  list<float>  $removeMm
     * @param  list<int>|null  $shavings
     */
    public function __construct(
        #[
            Field('how far it stands proud of its own least-squares line at each station, mm', of: 'number'),
        ]
        public array $deviationMm,
        #[
            Field('distance of the two nearest parallel lines that hold it, mm', atLeast: 0),
        ]
        public float $straightnessMm,
        #[Field('to be taken off at each station, mm', of: 'number')] public array $removeMm,
        #[Field('shavings at each station', of: 'integer')] public ?array $shavings = null,
    ) {
    }

    public static function of(Profile $edge, ?float $shavingMm): self
    {
        $remove = $edge->removeMm();

        return new self(
            $edge->levelled()->heightsMm,
            $edge->zoneMm(),
            $remove,
            StraightedgeReversal::shavings($remove, $shavingMm),
        );
    }
}
