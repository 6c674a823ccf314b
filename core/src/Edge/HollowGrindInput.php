<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class HollowGrindInput
{
    /** @throws InvalidInput when the chord is longer than the wheel, or the wheel would grind the edge away */
    public function __construct(
        #[Field('thickness of the blade, mm', above: 0)] public float $thicknessMm,
        #[Field('angle of the chord from edge to heel, degrees', above: 0, below: 90)] public float $bevelDeg,
        #[Field('diameter of the wheel, mm', above: 0)] public float $wheelDiameterMm,
        #[Field('how deep a honing goes, square to the chord, mm', above: 0)] public ?float $depthPerHoningMm = null,
        #[Field('how deep it has been honed already, mm', atLeast: 0)] public float $honedDepthMm = 0.0,
    ) {
        $chord = $this->chordMm();
        if ($chord > $wheelDiameterMm) {
            throw InvalidInput::because(
                'wheelDiameterMm',
                'must be at least as large as the bevel is long ('.round($chord, 2).' mm)',
            );
        }
        if (rad2deg(asin($chord / $wheelDiameterMm)) >= $bevelDeg) {
            throw InvalidInput::because(
                'wheelDiameterMm',
                'is so small that no edge would be left: take a larger wheel',
            );
        }
    }

    /** Length of the chord from edge to heel. */
    public function chordMm(): float
    {
        return $this->thicknessMm / Angle::sin($this->bevelDeg);
    }
}
