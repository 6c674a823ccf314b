<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\InvalidInput;

/**
 * The bevel angle of a blade from two lengths, and how far that angle can be trusted.
 *
 * Along the bevel: β = asin(t/b), u(β) = √((u/b)² + (t·u/b²)²)/cos β.
 * Along the back:  β = atan(t/p), u(β) = √((p·u)² + (t·u)²)/(t² + p²).
 * t thickness, b bevel length, p setback of the heel, u the uncertainty of either length, all in mm.
 * Source: plane trigonometry; first-order propagation of uncertainty (JCGM 100, the GUM).
 */
#[Calculates('bevel-angle', 'Bevel angle from thickness and bevel length or setback')]
final class BevelAngle
{
    /** An angle that is not known to this is not measured. */
    private const LEAST_KNOWN_DEG = 90.0;

    /** @throws InvalidInput when the lengths do not tell the angle */
    public function __invoke(BevelAngleInput $blade): BevelAngleResult
    {
        [$t, $u] = [$blade->thicknessMm, $blade->uncertaintyMm];
        $angle =
            $blade->bevelLengthMm !== null
                ? self::alongBevel($t, $blade->bevelLengthMm, $u)
                : self::alongBack($t, (float) $blade->setbackMm, $u);
        if ($angle->uncertaintyDeg > self::LEAST_KNOWN_DEG) {
            throw InvalidInput::because(
                'uncertaintyMm',
                'leaves the angle unknown: measure '.
                    ($blade->bevelLengthMm !== null
                        ? 'how far the heel is set back along the back'
                        : 'the bevel’s own length').
                    ' instead',
            );
        }

        return $angle;
    }

    private static function alongBevel(float $t, float $b, float $u): BevelAngleResult
    {
        $angle = asin($t / $b);
        $spread = hypot($u / $b, $t * $u / $b ** 2) / cos($angle);

        return new BevelAngleResult(rad2deg($angle), rad2deg($spread));
    }

    private static function alongBack(float $t, float $p, float $u): BevelAngleResult
    {
        $spread = hypot($p * $u, $t * $u) / ($t ** 2 + $p ** 2);

        return new BevelAngleResult(rad2deg(atan2($t, $p)), rad2deg($spread));
    }
}
