<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class StraightedgeReversalInput
{
    /**
     * @param  non-empty-list<float>  $stationsMm
     * @param  non-empty-list<float>  $gapsMm
     *
     * @throws InvalidInput when lists differ in length, stations do not ascend, or a gap is as large as the edge
     */
    public function __construct(
        #[
            Field('places along the edge, mm, ascending', of: 'number', minItems: 2, maxItems: 1000),
        ]
        public array $stationsMm,
        #[
            Field(
                'gap between the two lines at each station, mm: twice the error; positive where the edge is proud',
                of: 'number',
                minItems: 2,
                maxItems: 1000,
            ),
        ]
        public array $gapsMm,
        #[Field('thickness of one shaving, mm', above: 0)] public ?float $shavingMm = null,
        #[Field('what still counts as straight, mm', atLeast: 0)] public float $toleranceMm = 0.0,
    ) {
        Stations::matched($gapsMm, $stationsMm, 'gapsMm');
        Stations::ascend($stationsMm);
        $length = $stationsMm[count($stationsMm) - 1] - $stationsMm[0];
        foreach ($gapsMm as $index => $gap) {
            if (abs($gap) >= $length) {
                throw InvalidInput::because(
                    "gapsMm[$index]",
                    "must be smaller than the edge is long ($length mm)",
                );
            }
        }
    }
}
