<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/** A bench hook; proportions by common practice, no source. */
final readonly class BenchHookSizes
{
    public function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $stopWidthMm,
        public float $sawRoomMm,
    ) {
    }

    public static function usualWidthMm(float $lengthMm): float
    {
        return Proportion::halfMm(0.58 * $lengthMm, 80.0, 250.0);
    }

    /** A stop rises a little above work as thick as the board. */
    public static function usualStopMm(float $thicknessMm): float
    {
        return $thicknessMm + 2.0;
    }

    /** The stop leaves the saw its room beside it: it lands on the board, not on the bench. */
    public function stopLengthMm(): float
    {
        return $this->widthMm - $this->sawRoomMm;
    }

    /** So that the stop is long enough to hold something. */
    public function mostSawRoomMm(): float
    {
        return $this->widthMm / 2;
    }

    public function mostStopWidthMm(): float
    {
        return $this->lengthMm / 3;
    }
}
