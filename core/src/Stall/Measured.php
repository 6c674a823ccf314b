<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

/**
 * A check with a number to it: what is read, what follows from it, and from where on it is no longer sound.
 *
 * The limits are common practice, no source, those of minutes from memory.
 */
final readonly class Measured
{
    /**
     * @param  non-empty-list<string>  $labels  one reading, or two of which the difference counts
     * @param  Counts  $counts  what follows from the readings
     * @param  float  $soundMm  sound up to this, or from this on where more is better
     * @param  float  $lostMm  beyond this nobody mends it
     * @param  float  $mostMm  no tool of this kind has a larger reading
     * @param  string|null  $dimension  the dimension of the tool that the first reading is; null: it is none
     */
    public function __construct(
        public array $labels,
        public Counts $counts,
        public float $soundMm,
        public float $lostMm,
        public float $mostMm,
        public float $minutesPerMm = 0.0,
        public bool $moreIsBetter = false,
        public ?string $dimension = null,
    ) {
    }

    /** @param  non-empty-list<float>  $readingsMm */
    public function valueMm(array $readingsMm): float
    {
        return $this->counts->of($readingsMm);
    }

    public function outcome(float $valueMm): Outcome
    {
        $beyond = $this->moreIsBetter ? $this->soundMm - $valueMm : $valueMm - $this->soundMm;
        $lost = $this->moreIsBetter ? $this->lostMm - $valueMm : $valueMm - $this->lostMm;

        return match (true) {
            $beyond <= 1e-9 => Outcome::Sound,
            $lost <= 1e-9 => Outcome::Mend,
            default => Outcome::WalkAway,
        };
    }

    /** The mending, longer the further it is out. */
    public function mending(Mending $usual, float $valueMm): Mending
    {
        return new Mending(
            $usual->says,
            $usual->minutes + (int) round($this->minutesPerMm * abs($valueMm - $this->soundMm)),
            $usual->cost,
        );
    }
}
