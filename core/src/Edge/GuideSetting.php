<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

/** One setting of a honing guide: how far the blade stands out, and the angle that came of it. */
final readonly class GuideSetting
{
    public function __construct(
        #[Field('from the front of the guide to the edge, mm', above: 0)] public float $projectionMm,
        #[Field('angle honed at it, degrees', above: 0, below: 90)] public float $angleDeg,
    ) {
    }
}
