<?php

declare(strict_types=1);

namespace JackRest\Desk\EdgeHistory;

use JackRest\Core\EdgeHistory\TrialSide;
use JackRest\Core\Measure\LengthFormatter;

/** Whether the finer of two stops was worth it, on the user's own board. */
final readonly class StopTrialWords
{
    public function __construct(public TrialSide $coarse, public TrialSide $fine)
    {
    }

    /** The finer stop is worth it only where surface or tear-out is better; less effort alone counts half as much. */
    public function isFinerWorthIt(): bool
    {
        return $this->gain() >= 1.0;
    }

    /** Particle size of the stop that this trial speaks for, µm. */
    public function betterUm(): float
    {
        return $this->isFinerWorthIt() ? $this->fine->um : $this->coarse->um;
    }

    public function sentence(): string
    {
        $better = array_keys(
            array_filter([
                'surface' => $this->fine->surface > $this->coarse->surface,
                'tear-out' => $this->fine->tearOut < $this->coarse->tearOut,
                'effort' => $this->fine->effort < $this->coarse->effort,
            ]),
        );
        $last = array_pop($better);
        $said = match (true) {
            $last === null => 'Nothing was better',
            $better === [] => ucfirst($last).' was better',
            default => ucfirst(implode(', ', $better))." and $last were better",
        };
        $um =
            LengthFormatter::decimal($this->fine->um, 1).
            ' µm than off '.
            LengthFormatter::decimal($this->coarse->um, 1).
            ' µm';

        return "$said off $um: ".($this->isFinerWorthIt() ? 'finer is worth it.' : 'finer is not worth it.');
    }

    private function gain(): float
    {
        return $this->fine->surface -
            $this->coarse->surface +
            ($this->coarse->tearOut - $this->fine->tearOut) +
            ($this->coarse->effort - $this->fine->effort) / 2;
    }
}
