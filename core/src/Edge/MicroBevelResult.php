<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class MicroBevelResult
{
    public function __construct(
        #[Field('how far the edge has gone back along the back, mm')] public float $recessionMm,
        #[Field('width of the secondary bevel, mm')] public float $widthMm,
        #[Field('its height square to the back, mm')] public float $heightMm,
        #[Field('section of steel removed, mm²')] public float $crossSectionMm2,
        #[Field('honings left until it has grown to its greatest width')] public ?int $honingsLeft = null,
    ) {
    }
}
