<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Angle;
use JackRest\Core\Calculation\Calculates;

/**
 * How much a piece of wood moves between two moistures.
 *
 * Coefficient of a direction from its total shrinkage S (a fraction): (S/30)/(1 − 20·S/30) for each per cent; of a
 * piece with rings at angle α to its face C = C_T·cos²α + C_R·sin²α. Change = width·C·(to − from). Grain that runs out
 * at δ turns an edge by C·ΔMC·sin δ·cos δ radians; a square changes by twice that. Source: *Wood Handbook*, USDA Forest
 * Products Laboratory (dimensional change, 6 to 14 %); the turning by geometry.
 */
#[Calculates('wood-movement', 'How much a piece of wood moves')]
final class WoodMovement
{
    private const FITTED_FROM_PCT = 6.0;

    private const FITTED_TO_PCT = 14.0;

    public function __invoke(WoodMovementInput $piece): WoodMovementResult
    {
        [$from, $to] = [$piece->from->pct(), $piece->to->pct()];
        [$radial, $tangential] = array_map(self::coefficient(...), $piece->shrinkage());
        $coefficient =
            $tangential * Angle::cos($piece->ringAngleDeg) ** 2 + $radial * Angle::sin($piece->ringAngleDeg) ** 2;
        $rotation =
            $coefficient * ($to - $from) * Angle::sin($piece->grainRunoutDeg) * Angle::cos($piece->grainRunoutDeg);

        return new WoodMovementResult(
            $from,
            $to,
            $coefficient,
            $piece->widthMm * $coefficient * ($to - $from),
            rad2deg($rotation),
            2 * rad2deg($rotation),
            self::warnings($from, $to),
            $piece->lengthMm === null ? null : $rotation * $piece->lengthMm,
        );
    }

    /** Change for each per cent of moisture, as a fraction. */
    public static function coefficient(float $shrinkagePct): float
    {
        $s = $shrinkagePct / 100 / EquilibriumMoisture::FIBRE_SATURATION_PCT;

        return $s / (1 - 20 * $s);
    }

    /** @return list<string> */
    private static function warnings(float $from, float $to): array
    {
        $outside = array_filter(
            [$from, $to],
            static fn (float $pct): bool => $pct < self::FITTED_FROM_PCT || $pct > self::FITTED_TO_PCT,
        );

        return $outside === []
            ? []
            : [
                'The coefficients were fitted between 6 and 14 % of moisture; '.
                implode(
                    ' and ',
                    array_map(static fn (float $pct): string => number_format($pct, 1, '.', '').' %', $outside),
                ).
                (count($outside) === 1 ? ' lies' : ' lie').
                ' outside.',
            ];
    }
}
