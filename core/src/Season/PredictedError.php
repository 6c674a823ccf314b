<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Measure\Normal;
use JackRest\Core\Truing\History\Tested;

/** Where a reference probably stands on a day, without a new test. */
final readonly class PredictedError
{
    /** Probably: more likely than not. */
    private const PROBABLY = 0.5;

    /**
     * @param  Tested  $from  the test it starts from
     * @param  float  $fromMcPct  moisture on the day of that test
     * @param  float  $mcPct  moisture on the day asked about
     * @param  float  $errorMm  most likely error
     * @param  float  $deviationMm  standard deviation of it
     * @param  float  $mmPerPct  what it moves for each per cent, as its tests and its wood have it together
     * @param  float  $leverageMmPerPct  what its grain alone allows for each per cent, to either side
     * @param  bool  $isLearnt  whether its own tests say more of that than its wood
     */
    public function __construct(
        public Tested $from,
        public float $fromMcPct,
        public float $mcPct,
        public float $errorMm,
        public float $deviationMm,
        public float $mmPerPct,
        public float $leverageMmPerPct,
        public bool $isLearnt,
        public float $toleranceMm,
    ) {
    }

    /** How likely it lies outside the tolerance. */
    public function chance(): float
    {
        $sd = max(1e-9, $this->deviationMm);

        return 1 -
            (Normal::below(($this->toleranceMm - $this->errorMm) / $sd) -
                Normal::below((-$this->toleranceMm - $this->errorMm) / $sd));
    }

    public function isClaim(): bool
    {
        return $this->chance() > self::PROBABLY;
    }

    /** How far past the tolerance it most likely is, mm; the middle of what lies outside is what is told. */
    public function beyondMm(): float
    {
        return $this->sizeMm() - $this->toleranceMm;
    }

    /**
     * Its most likely size where it lies outside: the mean of the distribution's part beyond the tolerance, on the
     * likelier side.
     */
    public function sizeMm(): float
    {
        $side = $this->errorMm < 0 ? -1.0 : 1.0;
        $sd = max(1e-9, $this->deviationMm);
        $edge = ($this->toleranceMm - $side * $this->errorMm) / $sd;
        $beyond = 1 - Normal::below($edge);

        return $beyond < 1e-9
            ? abs($this->errorMm)
            : $side * $this->errorMm + ($sd * exp(-$edge ** 2 / 2)) / sqrt(2 * M_PI) / $beyond;
    }
}
