<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class ThreeEdgesInput
{
    private const PAIRS = ['abMm', 'bcMm', 'caMm'];

    /**
     * @param  non-empty-list<float>  $stationsMm
     * @param  non-empty-list<float>  $abMm
     * @param  non-empty-list<float>  $bcMm
     * @param  non-empty-list<float>  $caMm
     *
     * @throws InvalidInput when lists differ in length, stations do not ascend, or a turned pair has no middle
     */
    public function __construct(
        #[
            Field('places along the edges, mm, ascending', of: 'number', minItems: 2, maxItems: 1000),
        ]
        public array $stationsMm,
        #[
            Field(
                'gap at each station with the first and second edge closed on each other, mm',
                of: 'number',
                minItems: 2,
                maxItems: 1000,
            ),
        ]
        public array $abMm,
        #[
            Field('the same of the second and third, mm', of: 'number', minItems: 2, maxItems: 1000),
        ]
        public array $bcMm,
        #[
            Field('the same of the third and first, mm', of: 'number', minItems: 2, maxItems: 1000),
        ]
        public array $caMm,
        #[Field('thickness of one shaving, mm', above: 0)] public ?float $shavingMm = null,
        #[
            Field('pairs read again with their second edge turned end for end'),
        ]
        public ?TurnedPairs $turned = null,
    ) {
        Stations::ascend($stationsMm);
        foreach (self::PAIRS as $pair) {
            Stations::matched($this->{$pair}, $stationsMm, $pair);
            if ($turned?->{$pair} !== null) {
                Stations::matched($turned->{$pair}, $stationsMm, "turned.$pair");
            }
        }
        if ($turned !== null && $turned->any()) {
            self::symmetric($stationsMm);
        }
    }

    /** @param  non-empty-list<float>  $stationsMm */
    private static function symmetric(array $stationsMm): void
    {
        $last = count($stationsMm) - 1;
        $ends = $stationsMm[0] + $stationsMm[$last];
        foreach ($stationsMm as $index => $station) {
            if (
                abs($station + $stationsMm[$last - $index] - $ends) >
                1e-6 * ($stationsMm[$last] - $stationsMm[0])
            ) {
                throw InvalidInput::because(
                    "stationsMm[$index]",
                    'must lie as far from one end as its fellow from the other: turned end for end the stations have '.
                        'to meet again',
                );
            }
        }
    }
}
