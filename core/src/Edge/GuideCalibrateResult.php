<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class GuideCalibrateResult
{
    public function __construct(
        #[Field('how far the axle lies behind the guide’s front, mm')] public float $axleSetbackMm,
        #[Field('how far the axle lies below the blade’s back, mm')] public float $axleDropMm,
        #[Field('largest angle error of the settings, degrees')] public float $residualDeg,
    ) {
    }
}
