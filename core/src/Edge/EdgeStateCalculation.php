<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;

/**
 * What the honing plan must be asked for an edge in a given condition.
 *
 * Removed square to the bevel: removeUm = 1000·r·sin(secondary), r the recession along the back.
 * Contact length: with a secondary bevel its width after this recession ({@see MicroBevel}); with
 * secondary = primary, and at most, the whole bevel t/sin(primary). A back wants its whole face brought down.
 * Source: plane trigonometry; the usual recessions of {@see EdgeCondition} are from memory.
 */
#[Calculates('edge-state', 'What an edge in this condition asks of the stones')]
final class EdgeStateCalculation
{
    /** Common practice. */
    public const USUAL_WIDTH_MM = 0.8;

    public function __invoke(EdgeStateInput $edge): EdgeStateResult
    {
        return $edge->condition === EdgeCondition::Back ? self::back($edge) : self::bevel($edge);
    }

    private static function back(EdgeStateInput $edge): EdgeStateResult
    {
        return new EdgeStateResult(0.0, (float) $edge->outOfFlatUm, $edge->bladeWidthMm, (float) $edge->backLengthMm);
    }

    private static function bevel(EdgeStateInput $edge): EdgeStateResult
    {
        $recession = $edge->recessionMm ?? (float) $edge->condition->usualRecessionMm();
        $removeUm = 1000 * $recession * Angle::sin($edge->secondaryDeg);

        return new EdgeStateResult($recession, $removeUm, $edge->bladeWidthMm, self::contactLength($edge, $recession));
    }

    private static function contactLength(EdgeStateInput $edge, float $recession): float
    {
        $whole = $edge->thicknessMm / Angle::sin($edge->primaryDeg);
        if ($edge->secondaryDeg === $edge->primaryDeg) {
            return $whole;
        }
        $microBevel = new MicroBevel();
        $now = $microBevel(new MicroBevelInput($edge->primaryDeg, $edge->secondaryDeg, widthMm: self::widthMm($edge)));
        $then = $microBevel(
            new MicroBevelInput($edge->primaryDeg, $edge->secondaryDeg, recessionMm: $now->recessionMm + $recession),
        );

        return min($whole, $then->widthMm);
    }

    /** Of a secondary bevel that nobody measured. Common practice. */
    private static function widthMm(EdgeStateInput $edge): float
    {
        return $edge->microWidthMm ?? ($edge->condition === EdgeCondition::FreshGrind ? 0.0 : self::USUAL_WIDTH_MM);
    }
}
