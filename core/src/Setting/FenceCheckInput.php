<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class FenceCheckInput
{
    /** @throws InvalidInput when the iron does not stand on the skate */
    public function __construct(
        #[Field('from the skate to the fence in front, mm', atLeast: 0)] public float $frontMm,
        #[Field('from the skate to the fence behind, mm', atLeast: 0)] public float $rearMm,
        #[Field('length of the skate between the two, mm', above: 0)] public float $skateLengthMm,
        #[Field('width of the iron, mm', above: 0)] public float $ironMm,
        #[Field('thickness of the skate, mm', above: 0)] public ?float $skateMm = null,
        #[Field('from the skate\'s front to the iron, mm; half its length where it is not told', atLeast: 0)]
        public ?float $ironFromFrontMm = null,
        #[Field('wanted distance from the skate to the fence, mm', atLeast: 0)] public ?float $targetMm = null,
        #[Field('difference of the two ends that does not matter, mm', atLeast: 0)] public float $toleranceMm = 0.1,
    ) {
        if ($ironFromFrontMm !== null && $ironFromFrontMm > $skateLengthMm) {
            throw InvalidInput::because('ironFromFrontMm', "must be on the skate ($skateLengthMm mm long)");
        }
    }
}
