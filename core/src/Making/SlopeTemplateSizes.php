<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

use JackRest\Core\Calculation\Angle;

/** A slope template; plane geometry, proportions by common practice, no source. */
final readonly class SlopeTemplateSizes
{
    /** A plate narrower than this at its far end crumbles, mm; from memory. */
    private const LEAST_END_MM = 15.0;

    private const USUAL_END_MM = 30.0;

    public function __construct(
        public float $slopeDeg,
        public float $heightMm,
        public float $widthMm,
        public float $fenceMm,
    ) {
    }

    /** One in seven. */
    public static function usualSlopeDeg(): float
    {
        return rad2deg(atan(1 / 7));
    }

    public static function usualWidthMm(float $heightMm, float $slopeDeg): float
    {
        return Proportion::halfMm(self::USUAL_END_MM + 2 * $heightMm * tan(deg2rad($slopeDeg)), 35.0, 200.0);
    }

    /** How far the line leans over its height. */
    public function leanMm(): float
    {
        return $this->heightMm * Angle::tan($this->slopeDeg);
    }

    public function endMm(): float
    {
        return $this->widthMm - 2 * $this->leanMm();
    }

    public function isEndTooNarrow(): bool
    {
        return $this->endMm() < self::LEAST_END_MM;
    }

    public function leastWidthMm(): float
    {
        return ceil(self::LEAST_END_MM + 2 * $this->leanMm());
    }

    /** The plate reaches to the middle of its fence. */
    public function plateLengthMm(): float
    {
        return $this->heightMm + $this->fenceMm / 2;
    }
}
