<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

/** How far the blade stands out of the guide for an angle. */
final readonly class GuideStop
{
    public function __construct(
        #[Field('the angle, degrees')] public float $angleDeg,
        #[Field('from the front of the guide to the edge, mm')] public float $projectionMm,
    ) {
    }
}
