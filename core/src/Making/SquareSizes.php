<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/** A try square, however its joint is made; proportions by common practice, no source. */
final readonly class SquareSizes
{
    /** Blades from here on are a large square's. */
    private const LARGE_MM = 400.0;

    public const LEAST_WALL_MM = 4.0;

    /** What the stock must reach beyond the joint, mm; from memory. */
    private const BEYOND_MM = 25.0;

    public function __construct(
        public float $bladeMm,
        public float $bladeWidthMm,
        public float $bladeThicknessMm,
        public float $stockMm,
        public float $stockWidthMm,
        public float $stockThicknessMm,
    ) {
    }

    public static function usualBladeWidthMm(float $bladeMm): float
    {
        return Proportion::halfMm(0.2 * $bladeMm, 25.0, 60.0);
    }

    public static function usualStockMm(float $bladeMm): float
    {
        return Proportion::halfMm(0.7 * $bladeMm, 60.0, 500.0);
    }

    public static function usualStockThicknessMm(float $bladeWidthMm): float
    {
        return Proportion::halfMm(0.5 * $bladeWidthMm, 15.0, 30.0);
    }

    /** A third of the stock: the wood is then as strong on each side as in the middle. */
    public static function usualBladeThicknessMm(float $stockThicknessMm): float
    {
        return Proportion::halfMm($stockThicknessMm / 3, 3.0, 20.0);
    }

    public function isLarge(): bool
    {
        return $this->bladeMm >= self::LARGE_MM;
    }

    /** A stock shorter than that does not lie along an edge. */
    public function leastStockMm(): float
    {
        return $this->bladeWidthMm + self::BEYOND_MM;
    }

    /** What is left of the stock on each side of the blade. */
    public function wallMm(): float
    {
        return ($this->stockThicknessMm - $this->bladeThicknessMm) / 2;
    }

    public function isWallTooThin(): bool
    {
        return $this->wallMm() < self::LEAST_WALL_MM;
    }
}
