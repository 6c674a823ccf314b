<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/**
 * A mallet whose head goes up its handle through a tapered mortise and cannot fly off; its faces lie on rays from the
 * elbow. Proportions: common practice, no source.
 */
final readonly class MalletSizes
{
    /** The mortise widens by one in so many on each side. */
    public const TAPER = 25.0;

    public const LEAST_WALL_MM = 15.0;

    /** Handle left above the head. */
    public const PROUD_MM = 6.0;

    /** Handle below the head, for a hand. */
    private const HAND_MM = 100.0;

    public function __construct(
        public float $headMm,
        public float $heightMm,
        public float $thicknessMm,
        public float $reachMm,
        public float $handleWidthMm,
    ) {
    }

    public static function usualHeightMm(float $headMm): float
    {
        return Proportion::halfMm(0.58 * $headMm, 50.0, 130.0);
    }

    public static function usualThicknessMm(float $headMm): float
    {
        return Proportion::halfMm(0.43 * $headMm, 40.0, 100.0);
    }

    /** How far a face leans over its height. */
    public function slope(): float
    {
        return $this->headMm / 2 / $this->reachMm;
    }

    public function faceDeg(): float
    {
        return rad2deg(atan($this->slope()));
    }

    /** Thickness of the handle where it goes through. */
    public function tongueMm(): float
    {
        return Proportion::halfMm($this->thicknessMm / 3, 10.0, 30.0);
    }

    public function mortiseTopMm(): float
    {
        return $this->handleWidthMm + (2 * $this->heightMm) / self::TAPER;
    }

    /** What the head keeps before and behind the mortise at its narrowest. */
    public function wallMm(): float
    {
        return ($this->headMm - ((2 * $this->heightMm) / 2) * $this->slope() - $this->mortiseTopMm()) / 2;
    }

    public function leastHandleMm(): float
    {
        return $this->heightMm + self::HAND_MM;
    }
}
