<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

/**
 * The moisture content at which wood comes to rest in an air, per cent of its dry weight.
 *
 * M = 1800/W·[Kh/(1−Kh) + (K₁Kh + 2K₁K₂K²h²)/(1 + K₁Kh + K₁K₂K²h²)] with h the relative humidity as a fraction, T in
 * °C, W = 349 + 1.29T + 0.0135T², K = 0.805 + 0.000736T − 0.00000273T², K₁ = 6.27 − 0.00938T − 0.000303T²,
 * K₂ = 1.91 + 0.0407T − 0.000293T²; never above fibre saturation, 30 %. Source: *Wood Handbook*, USDA Forest
 * Products Laboratory.
 */
final class EquilibriumMoisture
{
    public const FIBRE_SATURATION_PCT = 30.0;

    public static function pct(float $tempC, float $rhPct): float
    {
        $t = $tempC;
        $w = 349 + 1.29 * $t + 0.0135 * $t ** 2;
        $k = 0.805 + 0.000736 * $t - 0.00000273 * $t ** 2;
        $k1 = 6.27 - 0.00938 * $t - 0.000303 * $t ** 2;
        $k2 = 1.91 + 0.0407 * $t - 0.000293 * $t ** 2;
        $kh = $k * $rhPct / 100;
        $bound = ($k1 * $kh + 2 * $k1 * $k2 * $kh ** 2) / (1 + $k1 * $kh + $k1 * $k2 * $kh ** 2);

        return min(self::FIBRE_SATURATION_PCT, 1800 / $w * ($kh / (1 - $kh) + $bound));
    }
}
