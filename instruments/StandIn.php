<?php

declare(strict_types=1);

namespace Instruments;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** An instrument that is not there: it reads what it is pointed at, with its own noise, resolution and drift. */
final class StandIn
{
    private readonly Randomizer $chance;

    /** @param  int  $seed  the same seed gives the same readings */
    public function __construct(public readonly Kind $kind, private readonly Truth $truth, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param  float  $place  mm along the reference; hours for a hygrometer
     * @param  float  $hours  since the instrument was switched on
     */
    public function reads(float $place, float $hours = 0.0): float
    {
        return $this->trembles($this->truth->at($place) + $this->kind->driftPerHour() * $hours);
    }

    /** A true value as it is read, with noise and to its resolution. */
    public function trembles(float $true): float
    {
        return round(($true + $this->kind->noise() * $this->deviate()) / $this->kind->resolution()) *
            $this->kind->resolution();
    }

    /** One line of the format in docs/instruments.md. */
    public function line(string $time, float $place, float $hours = 0.0): string
    {
        return "$time {$this->kind->value} ".
            number_format($place, 1, '.', '').
            ' '.
            $this->keys($place, $hours).
            " {$this->kind->unit()}";
    }

    /** What it types like a keyboard, without the Enter. */
    public function keys(float $place, float $hours = 0.0): string
    {
        return number_format($this->reads($place, $hours), $this->kind->decimals(), '.', '');
    }

    /** A normal deviate (Box and Muller, 1958). */
    private function deviate(): float
    {
        $u = ($this->chance->getInt(0, 999_999_999) + 1) / 1_000_000_001;

        return sqrt(-2 * log($u)) * cos((2 * M_PI * $this->chance->getInt(0, 999_999_999)) / 1_000_000_000);
    }
}
