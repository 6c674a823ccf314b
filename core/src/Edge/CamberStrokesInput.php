<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class CamberStrokesInput
{
    /** @throws InvalidInput as `camber` has it, or when there is an even number of places */
    public function __construct(
        #[Field('width of the iron, mm', above: 0)] public float $ironWidthMm,
        #[Field('angle of the bed, degrees', above: 0, atMost: 90)] public float $bedDeg,
        #[Field('angle that is honed, degrees', above: 0, below: 90)] public float $honedDeg,
        #[Field('length of the bevel that lies on the stone, mm', above: 0)] public float $contactLengthMm,
        #[Field('size of the stone’s particles, µm', above: 0)] public float $particleUm,
        #[Field('radius of the edge, mm', above: 0)] public ?float $radiusMm = null,
        #[Field('how much less the corners reach into the wood, mm', above: 0)] public ?float $reliefMm = null,
        #[
            Field('places across the edge where the fingers press, an odd number', atLeast: 3, atMost: 15),
        ]
        public int $places = 5,
        #[Field('how much more than usual this stone cuts', above: 0)] public float $cutFactor = 1.0,
        #[
            Field('what a stroke takes off, mm³ for each µm of particle', above: 0),
        ]
        public float $volumePerStrokeMm3PerUm = 0.0033,
        #[
            Field('angle of the bevel behind the honed one, degrees: the contact grows', above: 0, below: 90),
        ]
        public ?float $primaryDeg = null,
    ) {
        if ($primaryDeg !== null && $primaryDeg >= $honedDeg) {
            throw InvalidInput::because('primaryDeg', "must be less than the honed angle ({$honedDeg}°)");
        }
        if ($places % 2 === 0) {
            throw InvalidInput::because('places', 'must be odd: one of them is the middle');
        }
    }
}
