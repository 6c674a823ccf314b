<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\InvalidInput;

/**
 * How far a blade must stand out of a honing guide for an angle.
 *
 * P = (r + y·cos β)/sin β − x, with the axle x behind the guide's front and y below the blade's back: the same
 * geometry as {@see GuideCalibrate}, solved for P.
 */
#[Calculates('guide-projection', 'How far a blade stands out of its guide for an angle')]
final class GuideProjection
{
    public function __invoke(GuideProjectionInput $guide): GuideProjectionResult
    {
        $stops = [];
        foreach ($guide->anglesDeg as $index => $deg) {
            $projection =
                ($guide->rollerDiameterMm / 2 + $guide->axleDropMm * Angle::cos($deg)) / Angle::sin($deg) -
                $guide->axleSetbackMm;
            if ($projection <= 0.0) {
                throw InvalidInput::because(
                    "anglesDeg[$index]",
                    "is too steep for this guide: the edge would lie behind its front ({$deg}°)",
                );
            }
            $stops[] = new GuideStop($deg, $projection);
        }

        return new GuideProjectionResult($stops);
    }
}
