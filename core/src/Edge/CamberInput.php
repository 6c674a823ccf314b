<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class CamberInput
{
    /** @throws InvalidInput when both or neither of radius and relief is given, or the circle does not span the iron */
    public function __construct(
        #[Field('width of the iron, mm', above: 0)] public float $ironWidthMm,
        #[Field('angle of the bed, degrees', above: 0, atMost: 90)] public float $bedDeg,
        #[Field('radius of the edge, mm', above: 0)] public ?float $radiusMm = null,
        #[Field('how much less the corners reach into the wood, mm', above: 0)] public ?float $reliefMm = null,
    ) {
        if (($radiusMm === null) === ($reliefMm === null)) {
            throw InvalidInput::because(
                'radiusMm',
                'give either the radius or the relief at the corners, one of the two',
            );
        }
        if ($radiusMm !== null && $radiusMm < $ironWidthMm / 2) {
            throw InvalidInput::because(
                'radiusMm',
                'must be at least half the width of the iron ('.$ironWidthMm / 2 .' mm)',
            );
        }
    }
}
