<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/** A pair of winding sticks out of one piece; proportions by common practice, no source. */
final readonly class WindingSticksSizes
{
    public const KERF_MM = 3.0;

    /** What of the foot's thickness the top keeps: the eye wants a thin line, the bench a broad foot. */
    private const TOP_SHARE = 0.4;

    public function __construct(
        public float $boardWidthMm,
        public float $lengthMm,
        public float $heightMm,
        public float $thicknessMm,
        public float $stripMm,
    ) {
    }

    /** Nearly twice the board, in whole centimetres: they enlarge its twist. */
    public static function usualLengthMm(float $boardWidthMm): float
    {
        return Proportion::halfMm(10 * ceil(0.18 * $boardWidthMm), 300.0, 900.0);
    }

    public static function usualHeightMm(float $lengthMm): float
    {
        return Proportion::halfMm($lengthMm / 10, 30.0, 60.0);
    }

    public function mostStripMm(): float
    {
        return $this->heightMm / 3;
    }

    public function topMm(): float
    {
        return self::TOP_SHARE * $this->thicknessMm;
    }

    /** Both sticks in one piece, without the strip, with the saw between them. */
    public function pairWidthMm(): float
    {
        return 2 * $this->heightMm - $this->stripMm + self::KERF_MM;
    }
}
