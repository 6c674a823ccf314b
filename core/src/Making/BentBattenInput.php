<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class BentBattenInput
{
    /**
     * @param  list<float>  $stationsMm
     *
     * @throws InvalidInput when the rise is steeper than the beam equation bears, or a station lies beyond the ends
     */
    public function __construct(
        #[Field('distance between the two pins its ends lie against, mm', above: 0)] public float $lengthMm,
        #[Field('how far its middle is pushed out, mm', above: 0)] public float $riseMm,
        #[Field('thickness of the batten in the plane of the bend, mm', above: 0)] public float $thicknessMm,
        #[Field('width of the batten across the bend, mm', above: 0)] public float $widthMm,
        #[
            Field('where the arc is wanted, mm from one end', of: 'number', maxItems: 1000),
        ]
        public array $stationsMm = [],
        #[
            Field('stiffness of its wood along the grain, GPa', above: 0, atMost: 40),
        ]
        public float $elasticGPa = BentBatten::USUAL_GPA,
    ) {
        if ($riseMm > BentBatten::STEEPEST * $lengthMm) {
            throw InvalidInput::because(
                'riseMm',
                'is steeper than the beam equation bears: at most a tenth of the length',
            );
        }
        foreach ($stationsMm as $index => $station) {
            if ($station < 0 || $station > $lengthMm) {
                throw InvalidInput::because("stationsMm[$index]", 'lies beyond the ends of the batten');
            }
        }
    }
}
