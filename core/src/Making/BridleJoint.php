<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/** A blade glued into a slot in its stock and pinned; proportions by common practice, no source. */
final readonly class BridleJoint
{
    public function __construct(private SquareSizes $square)
    {
    }

    /** As the blade is cut: through the stock and out. */
    public function bladeLengthMm(): float
    {
        return $this->square->bladeMm + $this->square->stockWidthMm;
    }

    /** A quarter of the stock's thickness, where the joint has room for that. */
    public function pinMm(): float
    {
        $room = min($this->square->bladeWidthMm, $this->square->stockWidthMm) / 5;

        return Proportion::halfMm(min($this->square->stockThicknessMm / 4, $room), 3.0, 10.0);
    }

    /** @return list<array{float, float}> a quarter of the joint in: from the stock's outer edge and its end, mm */
    public function pins(): array
    {
        [$across, $down] = [$this->square->stockWidthMm, $this->square->bladeWidthMm];

        return [[$across / 4, $down / 4], [$across / 4, (3 * $down) / 4], [(3 * $across) / 4, $down / 2]];
    }
}
