<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Calculates;

/**
 * The tiny bevel that a thin rule under the back makes: asin(shim/reach). Source: plane trigonometry.
 */
#[Calculates('back-bevel', 'Back bevel from a shim under the iron')]
final class BackBevel
{
    public function __invoke(BackBevelInput $iron): BackBevelResult
    {
        return new BackBevelResult(rad2deg(asin($iron->shimMm / $iron->reachMm)));
    }
}
