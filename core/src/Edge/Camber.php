<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\InvalidInput;

/**
 * The curve of an iron and what it does in the wood.
 *
 * sag = R − √(R² − w²/4); the wood sees it foreshortened by the bed: relief = sag·sin(bed). So a low bed needs far
 * more curve for the same relief. Source: geometry of the circle.
 */
#[Calculates('camber', 'Curve of an iron from radius or relief')]
final class Camber
{
    public function __invoke(CamberInput $iron): CamberResult
    {
        $half = $iron->ironWidthMm / 2;
        $sag =
            $iron->radiusMm !== null
                ? // As w²/4 ÷ (R + √…), which keeps its figures where the curve is slight.
                    $half ** 2 / ($iron->radiusMm + sqrt($iron->radiusMm ** 2 - $half ** 2))
                : (float) $iron->reliefMm / Angle::sin($iron->bedDeg);
        if ($sag > $half) {
            throw InvalidInput::because(
                'reliefMm',
                'asks for more than a half circle: the corners would stand beside the edge',
            );
        }

        return new CamberResult(
            $iron->radiusMm ?? ($half ** 2 + $sag ** 2) / (2 * $sag),
            $sag,
            $iron->reliefMm ?? $sag * Angle::sin($iron->bedDeg),
        );
    }
}
