<?php

declare(strict_types=1);

namespace Instruments;

/** What is simulated: how fine it reads, how it trembles, how it wanders. Figures from memory. */
enum Kind: string
{
    case Dial = 'dial';
    case Caliper = 'caliper';
    case Hygrometer = 'hygrometer';
    case Thermometer = 'thermometer';

    /** The least difference it shows, in its unit. */
    public function resolution(): float
    {
        return match ($this) {
            self::Dial, self::Caliper => 0.01,
            self::Hygrometer => 0.5,
            self::Thermometer => 0.1,
        };
    }

    /** Standard deviation of one reading, in its unit. */
    public function noise(): float
    {
        return match ($this) {
            self::Dial => 0.004,
            self::Caliper => 0.012,
            self::Hygrometer => 0.8,
            self::Thermometer => 0.2,
        };
    }

    /** How far its nought wanders in an hour, in its unit. */
    public function driftPerHour(): float
    {
        return match ($this) {
            self::Dial => 0.01,
            self::Caliper, self::Thermometer => 0.0,
            self::Hygrometer => 0.3,
        };
    }

    public function unit(): string
    {
        return match ($this) {
            self::Hygrometer => '%',
            self::Thermometer => '°C',
            default => 'mm',
        };
    }

    public function decimals(): int
    {
        return $this->isOfAir() ? 1 : 2;
    }

    /** Whether it hangs in the shed; a hygrometer has a thermometer built in. */
    public function isOfAir(): bool
    {
        return $this === self::Hygrometer || $this === self::Thermometer;
    }
}
