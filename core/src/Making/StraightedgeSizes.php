<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/**
 * A straightedge with an arched back, drawn along a bent batten: {@see BentBatten}. Proportions: common practice, no
 * source.
 */
final readonly class StraightedgeSizes
{
    public const HOLE_MM = 10.0;

    /**
     * A batten strained further than this breaks or stays bent; about a third of what clear wood bears, from memory.
     */
    private const STRAIN_PCT = 0.3;

    public function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $endWidthMm,
        public float $battenThicknessMm,
        public float $battenWidthMm,
    ) {
    }

    public static function usualWidthMm(float $lengthMm): float
    {
        return Proportion::halfMm($lengthMm / 18, 30.0, 90.0);
    }

    public static function usualEndWidthMm(float $widthMm): float
    {
        return Proportion::halfMm(0.6 * $widthMm, 12.0, 140.0);
    }

    /** How far the back rises in the middle. */
    public function riseMm(): float
    {
        return $this->widthMm - $this->endWidthMm;
    }

    /** Radius of the rounded ends. */
    public function roundMm(): float
    {
        return Proportion::halfMm($this->endWidthMm / 2, 4.0, 30.0);
    }

    /** Between the pins. */
    public function spanMm(): float
    {
        return $this->lengthMm - 2 * $this->roundMm();
    }

    public function isTooSteep(): bool
    {
        return $this->riseMm() > BentBatten::STEEPEST * $this->spanMm();
    }

    public function leastEndWidthMm(): float
    {
        return $this->widthMm - BentBatten::STEEPEST * $this->spanMm();
    }

    public function breaksBatten(): bool
    {
        return $this->batten([])->strainPct > self::STRAIN_PCT;
    }

    public function mostBattenThicknessMm(): float
    {
        return floor((10 * $this->battenThicknessMm * self::STRAIN_PCT) / $this->batten([])->strainPct) / 10;
    }

    /** @param  list<float>  $stations  mm from one end of the span */
    public function batten(array $stations): BentBattenResult
    {
        return (new BentBatten())(
            new BentBattenInput(
                $this->spanMm(),
                $this->riseMm(),
                $this->battenThicknessMm,
                $this->battenWidthMm,
                $stations,
            ),
        );
    }

    /** How far a circle through the ends and the middle lies outside the batten's arc, at a quarter of the length. */
    public function fromCircleMm(): float
    {
        $radius = ($this->spanMm() ** 2 / 4 + $this->riseMm() ** 2) / (2 * $this->riseMm());
        $circle = sqrt($radius ** 2 - ($this->spanMm() / 4) ** 2) - ($radius - $this->riseMm());

        return max(0.0, $circle - BentBatten::offset($this->spanMm(), $this->riseMm(), $this->spanMm() / 4));
    }
}
