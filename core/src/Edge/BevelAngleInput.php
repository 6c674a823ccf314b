<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class BevelAngleInput
{
    /** @throws InvalidInput when both or neither length is given, or the bevel is no longer than the blade is thick */
    public function __construct(
        #[Field('thickness of the blade, mm', above: 0)] public float $thicknessMm,
        #[Field('length from edge to heel along the bevel, mm', above: 0)] public ?float $bevelLengthMm = null,
        #[Field('length from edge to heel along the back, mm', above: 0)] public ?float $setbackMm = null,
        #[Field('standard uncertainty of either length, mm', atLeast: 0)] public float $uncertaintyMm = 0.0,
    ) {
        if (($bevelLengthMm === null) === ($setbackMm === null)) {
            throw InvalidInput::because(
                'bevelLengthMm',
                'give either the length along the bevel or the setback along the back, one of the two',
            );
        }
        if ($bevelLengthMm !== null && $bevelLengthMm <= $thicknessMm) {
            throw InvalidInput::because('bevelLengthMm', "must be longer than the blade is thick ($thicknessMm mm)");
        }
    }
}
