<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Calculates;

/**
 * A dovetail slope between ratio and angle: atan(1/ratio). 1:6 = 9.462°, 1:7 = 8.130°, 1:8 = 7.125°.
 *
 * Source: plane trigonometry.
 */
#[Calculates('slope-template', 'A dovetail slope as ratio and angle')]
final class SlopeTemplate
{
    public function __invoke(SlopeTemplateInput $slope): SlopeTemplateResult
    {
        $ratio = $slope->ratio ?? (float) $slope->runMm / (float) $slope->riseMm;
        $angle = rad2deg(atan(1 / $ratio));

        return new SlopeTemplateResult(
            $angle,
            $ratio,
            $slope->nominalRatio === null ? null : $angle - rad2deg(atan(1 / $slope->nominalRatio)),
        );
    }
}
