<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class GuideProjectionInput
{
    /** @param  list<float>  $anglesDeg */
    public function __construct(
        #[Field('diameter of the roller, mm', above: 0)] public float $rollerDiameterMm,
        #[Field('how far the axle lies behind the guide’s front, mm')] public float $axleSetbackMm,
        #[Field('how far the axle lies below the blade’s back, mm')] public float $axleDropMm,
        #[
            Field('angles wanted, degrees', of: 'number', above: 0, below: 90, minItems: 1, maxItems: 1000),
        ]
        public array $anglesDeg,
    ) {
    }
}
