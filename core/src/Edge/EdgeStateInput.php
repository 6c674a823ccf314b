<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;

final readonly class EdgeStateInput
{
    /** @throws InvalidInput when a nick's depth or a back's extent is missing, or the secondary is the flatter */
    public function __construct(
        #[Field('what is wrong with the edge')] public EdgeCondition $condition,
        #[Field('width of the blade, mm', above: 0)] public float $bladeWidthMm,
        #[Field('thickness of the blade, mm', above: 0)] public float $thicknessMm,
        #[Field('angle of the ground bevel, degrees', above: 0, below: 90)] public float $primaryDeg,
        #[
            Field(
                'angle of the honed bevel, degrees; equal to the primary where there is only one',
                above: 0,
                below: 90,
            ),
        ]
        public float $secondaryDeg,
        #[
            Field('present width of the secondary bevel, mm; not told: 0.8, none fresh from the grinder', atLeast: 0),
        ]
        public ?float $microWidthMm = null,
        #[
            Field('how far the edge must go back along the back, mm; for a nick its depth', above: 0),
        ]
        public ?float $recessionMm = null,
        #[Field('length of the back to be flattened, mm', above: 0)] public ?float $backLengthMm = null,
        #[Field('how far the back is out of flat, micrometres', above: 0)] public ?float $outOfFlatUm = null,
    ) {
        $errors = array_filter([
            $secondaryDeg < $primaryDeg
                ? new FieldError('secondaryDeg', "must not be flatter than the primary bevel ({$primaryDeg}°)")
                : null,
            $condition === EdgeCondition::Nicked && $recessionMm === null
                ? new FieldError('recessionMm', 'is missing: a nicked edge needs the depth of its nick')
                : null,
            $condition === EdgeCondition::Back && $backLengthMm === null
                ? new FieldError('backLengthMm', 'is missing: how much of the back is to be flattened')
                : null,
            $condition === EdgeCondition::Back && $outOfFlatUm === null
                ? new FieldError('outOfFlatUm', 'is missing: how far the back is out of flat')
                : null,
        ]);
        if ($errors !== []) {
            throw new InvalidInput(array_values($errors));
        }
    }
}
