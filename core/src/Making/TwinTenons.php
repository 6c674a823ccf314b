<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/** Two tenons of a blade through its stock; proportions by common practice, no source. */
final readonly class TwinTenons
{
    /** Left on each tenon, to be trimmed flush. */
    public const PROUD_MM = 2.0;

    public function __construct(private SquareSizes $square)
    {
    }

    public function bladeLengthMm(): float
    {
        return $this->square->bladeMm + $this->throughMm();
    }

    public function throughMm(): float
    {
        return $this->square->stockWidthMm + self::PROUD_MM;
    }

    /** Shoulder 1, tenon 2, gap 2, tenon 2, shoulder 1. */
    public function partMm(): float
    {
        return $this->square->bladeWidthMm / 8;
    }

    /** @return array{array{float, float}, array{float, float}} each from the blade's edge, and how wide, mm */
    public function tenons(): array
    {
        $part = $this->partMm();

        return [[$part, 2 * $part], [5 * $part, 2 * $part]];
    }

    /** What the stock keeps beyond the blade on each side, lest the mortise breaks out. */
    public function hornMm(): float
    {
        return Proportion::halfMm($this->square->bladeWidthMm / 4, 8.0, 20.0);
    }

    public function leastStockMm(): float
    {
        return $this->square->bladeWidthMm + 2 * $this->hornMm();
    }
}
