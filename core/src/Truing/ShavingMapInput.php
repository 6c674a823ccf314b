<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class ShavingMapInput
{
    /**
     * @param  list<float>  $stationsMm
     * @param  list<float>  $removeMm
     *
     * @throws InvalidInput when the lists differ in length or the stations do not ascend
     */
    public function __construct(
        #[
            Field('places along the edge, mm, ascending', of: 'number', minItems: 1, maxItems: 1000),
        ]
        public array $stationsMm,
        #[
            Field('to be taken off at each station, mm', of: 'number', atLeast: 0, minItems: 1, maxItems: 1000),
        ]
        public array $removeMm,
        #[Field('thickness of one shaving, mm', above: 0)] public float $shavingMm,
    ) {
        if (count($stationsMm) !== count($removeMm)) {
            throw InvalidInput::because(
                'removeMm',
                'must have one value for each of the '.count($stationsMm).' stations, not '.count($removeMm),
            );
        }
        for ($index = 1; $index < count($stationsMm); $index++) {
            if ($stationsMm[$index] <= $stationsMm[$index - 1]) {
                throw InvalidInput::because("stationsMm[$index]", 'must lie beyond the station before it');
            }
        }
    }
}
