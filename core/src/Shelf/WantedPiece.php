<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

/** A piece that is wanted from the shelf, mm when it is done, and what is planed and sawn off before. */
final readonly class WantedPiece
{
    /** What is left on: both ends are trimmed, both edges and both faces planed, mm. Common practice, no source. */
    public const ALLOWANCE_MM = ['length' => 20.0, 'width' => 5.0, 'thickness' => 3.0];

    public function __construct(public float $lengthMm, public float $widthMm, public float $thicknessMm)
    {
    }

    public function roughLengthMm(): float
    {
        return $this->lengthMm + self::ALLOWANCE_MM['length'];
    }

    public function roughWidthMm(): float
    {
        return $this->widthMm + self::ALLOWANCE_MM['width'];
    }

    public function roughThicknessMm(): float
    {
        return $this->thicknessMm + self::ALLOWANCE_MM['thickness'];
    }
}
