<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class MicroBevelInput
{
    /**
     * @throws InvalidInput when both or neither of recession and width is given, or the secondary is not the steeper
     */
    public function __construct(
        #[Field('angle of the ground bevel, degrees', above: 0, below: 90)] public float $primaryDeg,
        #[Field('angle of the honed bevel, degrees', above: 0, below: 90)] public float $secondaryDeg,
        #[Field('how far the edge has gone back along the back, mm', atLeast: 0)] public ?float $recessionMm = null,
        #[Field('width of the secondary bevel, mm', atLeast: 0)] public ?float $widthMm = null,
        #[Field('how far the edge goes back at each honing, mm', above: 0)] public ?float $recessionPerHoningMm = null,
        #[Field('width at which it goes back to the grinder, mm', above: 0)] public ?float $maxWidthMm = null,
    ) {
        if (($recessionMm === null) === ($widthMm === null)) {
            throw InvalidInput::because(
                'recessionMm',
                'give either the recession of the edge or the width of the secondary bevel, one of the two',
            );
        }
        if ($secondaryDeg <= $primaryDeg) {
            throw InvalidInput::because('secondaryDeg', "must be steeper than the primary bevel ({$primaryDeg}°)");
        }
    }
}
