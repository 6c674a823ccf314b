<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/** A shooting board; proportions by common practice, no source. */
final readonly class ShootingBoardSizes
{
    /** Room beside the plane, so that its cheek does not foul. */
    public const ROOM_MM = 5.0;

    /** The fence stands this far from the end of its travel: the plane follows through. */
    public const BEYOND_MM = 30.0;

    /** What of the plane must lie on the board before it cuts. */
    private const BEFORE_MM = 150.0;

    public function __construct(
        public float $widthMm,
        public float $planeMm,
        public float $bedMm,
        public float $fenceMm,
    ) {
    }

    public static function usualLengthMm(float $widthMm): float
    {
        return Proportion::halfMm(2 * $widthMm, 250.0, 900.0);
    }

    public static function usualFenceMm(float $widthMm): float
    {
        return Proportion::halfMm($widthMm / 6, 25.0, 60.0);
    }

    public function leastLengthMm(): float
    {
        return $this->fenceMm + self::BEYOND_MM + self::BEFORE_MM;
    }

    /** Thicker, and the plane's mouth passes below the work. */
    public function mostBedMm(): float
    {
        return $this->planeMm / 2;
    }

    public function wholeWidthMm(): float
    {
        return $this->widthMm + $this->planeMm + self::ROOM_MM;
    }

    /** Half of the plane's height above the bed: the work is held where the iron cuts. */
    public function fenceHeightMm(): float
    {
        return Proportion::halfMm($this->planeMm / 2 - $this->bedMm / 2, 15.0, 40.0);
    }
}
